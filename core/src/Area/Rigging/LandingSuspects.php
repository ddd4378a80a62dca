<?php

declare(strict_types=1);

namespace Dinghy\Area\Rigging;

use Dinghy\Metering\BlockSuspects;
use Dinghy\Metering\Reading;
use Dinghy\Metering\Suspect;
use Dinghy\Metering\Suspects;
use Dinghy\Plan\Post;
use Dinghy\Solving\SolvedBoat;

/**
 * What may be wrong where a gap or a post does not read what it must: a lithium block sleeps, this post is another one, a conductor
 * that is landed sits on a wrong post, a block is low or the wrong way round. What was landed last comes first: what was before was
 * read.
 */
final readonly class LandingSuspects
{
    /** landings back that are doubted: each gap before was read when it was closed */
    private const BACK = 8;

    private BlockSuspects $blocks;

    public function __construct(private SolvedBoat $boat, private Probing $probing)
    {
        $this->blocks = new BlockSuspects($boat);
    }

    /** @param  list<Step>  $landed  before the step, in the order in which they were */
    public function at(Step $step, array $landed, Reading $reading): Suspects
    {
        $network = $this->probing->after($landed)->network();
        $suspects = $this->blocks->asleep($network);
        foreach ($step->node === null ? [] : $this->blocks->otherPosts($step->node) as $post) {
            $suspects[] = new Suspect('post', "this is {$this->boat->post($post)}, not {$this->called($step->node ?? '')}", $network, [$step->node => $post->name]);
        }
        foreach (array_slice(array_reverse($landed), 0, self::BACK) as $earlier) {
            foreach ($earlier->node === null ? [] : $this->blocks->otherPosts($earlier->node) as $post) {
                $suspects[] = new Suspect('landed', '“'.preg_replace('/ on [^.]*\.$/', '', $earlier->says)."” sits on {$this->boat->post($post)}", $this->probing->after($landed, [$earlier->id => $post->name])->network());
            }
        }

        return new Suspects([...$suspects, ...$this->blocks->off($network, $reading)], $this->blocks->points());
    }

    private function called(string $node): string
    {
        return isset($this->boat->plan->batteries[substr($node, 0, -1)]) ? $this->boat->post(Post::named($node)) : 'the shunt';
    }
}
