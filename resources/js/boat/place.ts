/** A place of the boat plan: metres forward of the transom and to port of the middle. */
export interface Place {
    x_m: number;
    y_m: number;
}
