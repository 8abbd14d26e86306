import { Eye } from "lucide-react";

/** Something said to the teacher alone. */
export function Told({ words }: { words: string }) {
  return (
    <>
      <Eye aria-hidden size={15} /> {words}
    </>
  );
}
