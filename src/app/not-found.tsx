import { Box } from '@chakra-ui/react';
import Link from 'next/link';

/** An address at which there is nothing. */
export default function NotFound() {
  return (
    <Box padding="6" maxWidth="520px">
      <Box as="h1" fontSize="22px" fontWeight="680" marginBottom="2">
        Page not found
      </Box>
      <Box css={{ '& a': { textDecoration: 'underline', display: 'inline-flex', alignItems: 'center', minHeight: '44px' } }}>
        Your work is still here. <Link href="/">Go to your last piece</Link>
      </Box>
    </Box>
  );
}
