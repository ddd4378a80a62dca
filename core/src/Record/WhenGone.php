<?php

declare(strict_types=1);

namespace Dinghy\Record;

/** What becomes of that which names a part when the part is taken out. */
enum WhenGone
{
    /** the field is left out, and nobody misses it */
    case Forgotten;
    /** the part that holds the field cannot stand without it and goes as well */
    case GoesToo;
    /** it is for whoever takes the part out to rearrange, or to refuse */
    case Rearranged;
}
