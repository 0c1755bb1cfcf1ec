import { FolderOpen, Upload } from 'lucide-react';
import { useRef, useState, type DragEvent } from 'react';
import { fromDrop, fromList, type Given } from '../../keeping/given.ts';
import { Button } from '../../ui/controls.tsx';

/** Where files are dropped, or chosen. */
export function Drop({ onFiles }: { onFiles: (files: Given[]) => void }) {
  const [over, setOver] = useState(false);
  const one = useRef<HTMLInputElement>(null);
  const folder = useRef<HTMLInputElement>(null);
  const onDrop = (e: DragEvent) => {
    e.preventDefault();
    setOver(false);
    void fromDrop(e.dataTransfer).then(onFiles);
  };
  const field = (ref: typeof one, more: object) => (
    <input
      ref={ref}
      type="file"
      multiple
      hidden
      {...more}
      onChange={(e) => {
        const files = e.target.files ? fromList(e.target.files) : [];
        e.target.value = '';
        if (files.length > 0) onFiles(files);
      }}
    />
  );
  return (
    <div
      className="drop"
      data-testid="drop"
      {...(over ? { 'data-over': '' } : {})}
      onDragOver={(e) => {
        e.preventDefault();
        setOver(true);
      }}
      onDragLeave={() => setOver(false)}
      onDrop={onDrop}
    >
      <p>
        Drop files, folders or zips here: plays, playbooks, and plays as they are written. Nothing is kept
        before you have seen what is in them.
      </p>
      <Button onPress={() => one.current?.click()}>
        <Upload size={15} /> Files
      </Button>
      <Button onPress={() => folder.current?.click()}>
        <FolderOpen size={15} /> A folder
      </Button>
      {field(one, { accept: '.json,.txt,.corkscrew,.zip', 'aria-label': 'Files to take in' })}
      {field(folder, { webkitdirectory: '', 'aria-label': 'A folder to take in' })}
    </div>
  );
}
