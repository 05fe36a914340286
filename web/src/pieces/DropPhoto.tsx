import { Box } from "@mantine/core";
import { Dropzone } from "@mantine/dropzone";
import { useRef } from "react";
import { Link, useNavigate } from "react-router";
import { useUpload } from "../api/hooks";
import { Act } from "../parts/Act";
import { Rich, say } from "../words/say";
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
        inputProps={{ accept: "image/*", "aria-label": say("drop-photo-choose-photo") }}
        onDrop={([file]) => file && upload.mutate(file)}
      >
        <Rich
          words={upload.isPending ? say("drop-photo-reading") : say("drop-photo-drop")}
          parts={{
            choose: (words) => (
              <Act
                onClick={(event) => {
                  event.stopPropagation();
                  open.current?.();
                }}
              >
                {words}
              </Act>
            ),
          }}
        />
      </Dropzone>
      <Box component="p" pt="md">
        {say("drop-photo-none")}{" "}
        <Link to={`/new?name=${encodeURIComponent(say("drop-photo-from-mind"))}`}>
          {say("drop-photo-draw-scene-you")}
        </Link>
      </Box>
    </Box>
  );
}
