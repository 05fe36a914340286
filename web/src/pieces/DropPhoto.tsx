import { Box } from "@mantine/core";
import { Dropzone } from "@mantine/dropzone";
import { useRef } from "react";
import { Link, useNavigate } from "react-router";
import { useUpload } from "../api/hooks";
import { Act } from "../parts/Act";
import classes from "./pieces.module.css";

/** Where a photo is dropped or picked. Any file is taken: the server says what is wrong with it. */
export function DropPhoto() {
  const navigate = useNavigate();
  const open = useRef<() => void>(null);
  const upload = useUpload((reference, file) => {
    const name = file.name.replace(/\.[^.]*$/, "").replace(/[-_]+/g, " ");
    navigate(`/new?reference=${reference.hash}&name=${encodeURIComponent(name)}`);
  });
  return (
    <Box px="lg" py="md">
      <Dropzone
        className={classes.drop}
        multiple={false}
        activateOnKeyboard={false}
        enablePointerEvents
        openRef={open}
        inputProps={{ accept: "image/*", "aria-label": "Choose a photo" }}
        onDrop={([file]) => file && upload.mutate(file)}
      >
        <b>{upload.isPending ? "Reading the photo" : "Drop a photo here"}</b> or{" "}
        <Act
          onClick={(event) => {
            event.stopPropagation();
            open.current?.();
          }}
        >
          choose one
        </Act>
        , and say what you paint with, on what, and how large. The order comes at once.
      </Dropzone>
      <Box component="p" pt="md">
        No photo? <Link to="/new?name=From%20mind">Draw a scene that you have in mind</Link>
      </Box>
    </Box>
  );
}
