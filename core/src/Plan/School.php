<?php

declare(strict_types=1);

namespace Facelift\Plan;

/** Two ways of moving parts over to a new frame, both in use. */
enum School: string
{
    /**
     * Everything out and laid aside first, then built up in one go: few changes of tool, but every part is put down
     * and found again.
     */
    case StripThenBuild = 'strip-then-build';
    /** Each part goes over as soon as what lies under it is in: nothing is put down, but hands go to and fro. */
    case PieceByPiece = 'piece-by-piece';
}
