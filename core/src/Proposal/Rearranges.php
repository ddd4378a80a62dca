<?php

declare(strict_types=1);

namespace Dinghy\Proposal;

use Dinghy\File\Patch;

/** What an area read out of a plan, where it names parts in a way that no field of its own can be left out for. */
interface Rearranges
{
    /**
     * @param  list<string>  $going  parts that are taken out, as "kind:id"
     * @return list<Patch> that let go of them
     */
    public function without(array $going): array;
}
