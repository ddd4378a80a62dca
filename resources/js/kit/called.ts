import type { KitPiece } from '../api/types';

/** A piece among others of its boat: its circuit and polarity. */
export function calledBriefly(piece: KitPiece): string {
    return `${piece.circuit} ${piece.pair ? '' : piece.side.replace('-', '−')}`.trim();
}
