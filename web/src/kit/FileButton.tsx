// A button that lets files be chosen, or taken by the camera; the same files may be chosen again.
import Button, { type ButtonProps } from "@mui/material/Button";
import { useRef } from "react";

type Props = Omit<ButtonProps, "onClick"> & {
  accept: string;
  // How the choice of files is called.
  files: string;
  multiple?: boolean;
  camera?: boolean;
  onFiles: (files: File[]) => void;
};

export function FileButton({ accept, files, multiple = false, camera = false, onFiles, children, ...rest }: Props) {
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      <Button {...rest} onClick={() => input.current?.click()}>
        {children}
      </Button>
      <input
        ref={input}
        hidden
        type="file"
        accept={accept}
        multiple={multiple}
        {...(camera ? { capture: "environment" as const } : {})}
        aria-label={files}
        onClick={(event) => (event.currentTarget.value = "")}
        onChange={(event) => event.target.files && onFiles(Array.from(event.target.files))}
      />
    </>
  );
}
