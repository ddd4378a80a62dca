<?php

declare(strict_types=1);

namespace Dinghy\Solving;

/** What an area computes of a solved boat; asked for by SolvedBoat::figures(), which keeps it. */
interface Figures
{
    public static function of(SolvedBoat $boat): self;
}
