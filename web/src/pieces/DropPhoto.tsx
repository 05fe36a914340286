import { type DragEvent, useState } from "react";
import { Link, useNavigate } from "react-router";
import { useUpload } from "../api/hooks";
import { ProblemNote } from "../parts/Problem";
import classes from "./pieces.module.css";

/** Where a photo is dropped or picked; what cannot be used is said right here. */
export function DropPhoto() {
  const [over, setOver] = useState(false);
  const navigate = useNavigate();
  const upload = useUpload((reference, file) => {
    const name = file.name.replace(/\.[^.]*$/, "").replace(/[-_]+/g, " ");
    navigate(`/new?reference=${reference.hash}&name=${encodeURIComponent(name)}`);
  });
  const take = (file: File | undefined) => file && upload.mutate(file);
  const drop = (event: DragEvent) => {
    event.preventDefault();
    setOver(false);
    take(event.dataTransfer.files[0]);
  };
  return (
    <>
      {upload.error && <ProblemNote onClose={upload.reset}>{upload.error.message}</ProblemNote>}
      <label
        className={classes.drop}
        data-over={over}
        onDragOver={(event) => {
          event.preventDefault();
          setOver(true);
        }}
        onDragLeave={() => setOver(false)}
        onDrop={drop}
      >
        <input
          type="file"
          className="unseen"
          accept="image/*"
          aria-label="Choose a photo"
          onChange={(event) => {
            take(event.target.files?.[0]);
            event.target.value = "";
          }}
        />
        <b>{upload.isPending ? "Reading the photo" : "Drop a photo here"}</b>
        or choose one, and say what you paint with, on what, and how large. The order comes at once.
      </label>
      <p className={classes.mind}>
        No photo? <Link to="/new?name=From%20mind">Draw a scene that you have in mind</Link>
      </p>
    </>
  );
}
