/** How large a plot is drawn, in pixels, and its letters. */
export interface PlotLook {
  width: number
  letters: number
  /** As high as there is room; as high as it needs where it is left out. */
  height?: number
}

/** Letters that are read from eight meters, for a picture so many pixels wide. */
export const lettersOnWall = (width: number) => Math.max(32, width / 42)
