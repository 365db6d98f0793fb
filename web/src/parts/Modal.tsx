import { Dialog } from "radix-ui";
import type { ReactNode } from "react";

export function Modal({
  open,
  onClose,
  title,
  about,
  children,
  wide = false,
}: {
  open: boolean;
  onClose: () => void;
  title: ReactNode;
  about: string;
  children: ReactNode;
  /** For tables. */
  wide?: boolean;
}) {
  return (
    <Dialog.Root open={open} onOpenChange={(next) => !next && onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-20 bg-black/40" />
        <Dialog.Content
          className={`fixed top-1/2 left-1/2 z-30 max-h-[86vh] -translate-x-1/2 -translate-y-1/2 overflow-auto border border-rule bg-sheet p-6 shadow-lg ${
            wide ? "w-[min(1120px,96vw)]" : "w-[min(720px,94vw)]"
          }`}
        >
          <div className="flex items-start gap-4">
            <Dialog.Title className="grow text-[17px] font-semibold">{title}</Dialog.Title>
            <Dialog.Close className="text-ink-2 underline decoration-rule underline-offset-4">
              close
            </Dialog.Close>
          </div>
          <Dialog.Description className="mb-3 text-ink-3">{about}</Dialog.Description>
          {children}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
