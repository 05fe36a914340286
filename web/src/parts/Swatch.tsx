import { Box, type BoxProps } from "@mantine/core";
import type { ReactNode } from "react";
import { css } from "./colour";

interface Props extends BoxProps {
  children?: ReactNode;
  /** CIELAB; an empty frame without. */
  lab?: readonly number[] | null;
  /** Any other background: a course of colours. */
  background?: string;
  title?: string;
}

/** A patch of flat colour with a fine grey frame. */
export function Swatch({ lab, background, ...others }: Props) {
  return (
    <Box
      component="span"
      display="inline-block"
      bd="1px solid var(--line)"
      {...others}
      style={{ background: background ?? (lab ? css(lab) : undefined) }}
    />
  );
}
