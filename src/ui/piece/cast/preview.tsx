'use client';

import type { Section } from '@/core/form';
import type { Mesh } from '@/core/mesh';
import { bothHalves } from '@/ui/drawing';
import { ink } from '@/ui/theme';
import { Box } from '@chakra-ui/react';
import { useEffect, useRef, useState } from 'react';

const WIDE = 420;
const HIGH = 300;
/** A full turn, ms. */
const TURN = 9000;

const colorOf = (name: string): string =>
  getComputedStyle(document.documentElement).getPropertyValue(`--chakra-colors-${name}`).trim() || '#888888';

/** A model turning about its axis, to be turned by hand too; a still picture where the browser cannot. */
export function Preview({ mesh, section }: { mesh: Mesh; section: Section }) {
  const frame = useRef<HTMLDivElement>(null);
  const [still, setStill] = useState(false);
  useEffect(() => {
    let stop: (() => void) | undefined;
    let gone = false;
    void import('three').then((three) => {
      if (gone || !frame.current) return;
      try {
        stop = show(three, frame.current, mesh);
      } catch {
        setStill(true);
      }
    });
    return () => {
      gone = true;
      stop?.();
    };
  }, [mesh]);
  return (
    <Box marginTop="2" data-preview={still ? 'still' : 'turning'}>
      {still ? (
        <Still section={section} />
      ) : (
        <Box ref={frame} width={`${WIDE}px`} maxWidth="100%" height={`${HIGH}px`} role="img" aria-label="The model, turning" />
      )}
      {still && (
        <Box fontSize="sm" color="fg.muted">
          This browser cannot turn it: a still picture instead.
        </Box>
      )}
    </Box>
  );
}

type Three = typeof import('three');

/** Shows a mesh in an element; returns what takes it away again. Throws where there is no WebGL. */
function show(three: Three, element: HTMLElement, mesh: Mesh): () => void {
  const renderer = new three.WebGLRenderer({ antialias: true, alpha: true });
  renderer.setSize(WIDE, HIGH);
  renderer.setPixelRatio(window.devicePixelRatio);
  element.replaceChildren(renderer.domElement);
  const geometry = new three.BufferGeometry();
  geometry.setAttribute('position', new three.BufferAttribute(mesh, 3));
  geometry.computeVertexNormals();
  geometry.center();
  geometry.computeBoundingSphere();
  const radius = geometry.boundingSphere!.radius;
  const material = new three.MeshStandardMaterial({ color: colorOf('wet-wash'), roughness: 0.9, side: three.DoubleSide });
  const body = new three.Mesh(geometry, material);
  // up is z in the file, y on the screen
  body.rotation.x = -Math.PI / 2;
  const turned = new three.Group();
  turned.add(body);
  const scene = new three.Scene();
  scene.add(turned, new three.HemisphereLight(0xffffff, 0x667788, 2.2));
  const sun = new three.DirectionalLight(0xffffff, 1.6);
  sun.position.set(1, 2, 2);
  scene.add(sun);
  const camera = new three.PerspectiveCamera(35, WIDE / HIGH, radius / 50, radius * 20);
  camera.position.set(0, radius * 1.1, radius * 3.4);
  camera.lookAt(0, 0, 0);
  const calm = window.matchMedia('(prefers-reduced-motion: reduce)').matches;
  let held: number | undefined;
  const draw = () => renderer.render(scene, camera);
  renderer.setAnimationLoop((time) => {
    if (held === undefined && !calm) turned.rotation.y = (2 * Math.PI * time) / TURN;
    draw();
  });
  const canvas = renderer.domElement;
  canvas.style.touchAction = 'none';
  canvas.onpointerdown = (event) => {
    held = event.clientX;
    canvas.setPointerCapture(event.pointerId);
  };
  canvas.onpointermove = (event) => {
    if (held === undefined) return;
    turned.rotation.y += (event.clientX - held) / 120;
    held = event.clientX;
  };
  canvas.onpointerup = () => {
    held = undefined;
  };
  return () => {
    renderer.setAnimationLoop(null);
    geometry.dispose();
    material.dispose();
    renderer.dispose();
    element.replaceChildren();
  };
}

/** The section as a still picture. */
function Still({ section }: { section: Section }) {
  const wide = 2 * Math.max(...section.map(({ r }) => r));
  const high = Math.max(...section.map(({ z }) => z));
  const scale = Math.min((WIDE - 20) / wide, (HIGH - 20) / high);
  return (
    <svg width={WIDE} height={HIGH} role="img" aria-label="The model in section" style={{ maxWidth: '100%' }}>
      <path d={bothHalves(section, { axis: WIDE / 2, ground: HIGH - 10, scale })} fill={ink('wet-wash')} stroke={ink('wet')} />
    </svg>
  );
}
