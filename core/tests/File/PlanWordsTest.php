<?php

declare(strict_types=1);

namespace Dinghy\Tests\File;

use Dinghy\File\PlanWords;
use Dinghy\Tests\Plans;
use PHPUnit\Framework\TestCase;

/** Words for parts of a document that need not be sound. */
final class PlanWordsTest extends TestCase
{
    /** What is no post, in letters of several bytes, is still told in whole letters. */
    public function test_a_post_that_is_none_is_told_in_whole_letters(): void
    {
        $document = Plans::series(3);
        $root = $document->root();
        $root->banks[0]->jumpers = [(object) ['id' => 'j', 'from' => 'ＡＷＧ', 'to' => 'b2-']];
        $says = (new PlanWords($root, $document->format))->part('jumper:j');
        self::assertTrue(mb_check_encoding($says, 'UTF-8'), bin2hex($says));
        self::assertStringEndsWith('to Battery 2 of thrust −', $says);
    }
}
