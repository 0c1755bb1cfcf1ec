import { useRef, type ReactNode } from 'react';
import { Button } from './controls.tsx';

/** A button that asks for one file. The same file may be chosen twice in a row. */
export function FileButton({
  accept,
  onFile,
  className,
  children,
}: {
  accept: string;
  onFile: (file: File) => void;
  className?: string;
  children: ReactNode;
}) {
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      <Button className={className ?? ''} onPress={() => input.current?.click()}>
        {children}
      </Button>
      <input
        ref={input}
        type="file"
        accept={accept}
        hidden
        onChange={(e) => {
          const file = e.target.files?.[0];
          e.target.value = '';
          if (file) onFile(file);
        }}
      />
    </>
  );
}
