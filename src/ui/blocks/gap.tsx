/** The room of lines of a table that are not there. */
export const Gap = ({ px, columns }: { px: number; columns: number }) => (
  <tr aria-hidden>
    <td colSpan={columns} style={{ height: px }} />
  </tr>
);
