import { Upload } from 'antd';
import type { ReactNode } from 'react';

type Props = {
  /** For who hears the page. */
  label: string;
  accept?: string;
  /** Opens the camera where there is one. */
  camera?: boolean;
  onFile: (file: File) => void;
  /** What is pressed. */
  children: ReactNode;
};

/** A file from this device, handed on; nothing is sent by itself. */
export function FilePick({ label, accept, camera = false, onFile, children }: Props) {
  return (
    <Upload
      aria-label={label}
      accept={accept}
      capture={camera ? 'environment' : undefined}
      showUploadList={false}
      beforeUpload={(file) => {
        onFile(file);
        return false;
      }}
    >
      {children}
    </Upload>
  );
}
