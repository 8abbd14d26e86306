import { Notice } from "@/screen/notice";

export default function NotFound() {
  return (
    <Notice title="There is nothing here">
      The lesson may have been removed. If so, it is under “Removed” beside the lessons, and can be put back.
    </Notice>
  );
}
