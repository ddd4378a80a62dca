<?php

declare(strict_types=1);

namespace Dinghy\Area\Rigging\Rule;

/** A hold that whoever may sign it passes with a reason too, though its rule stops: what is read depends on what nobody has drawn. */
interface PassedByReason extends HoldRule
{
}
