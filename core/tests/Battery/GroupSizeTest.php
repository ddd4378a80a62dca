<?php

declare(strict_types=1);

namespace Dinghy\Tests\Battery;

use Dinghy\Battery\GroupSize;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** BCI's replacement data book prints group sizes in inches, from memory; GC2's height over its posts is makers'. */
final class GroupSizeTest extends TestCase
{
    /** @param  list<float>  $inches */
    #[DataProvider('sizes')]
    public function test_groups_in_inches(string $group, array $inches): void
    {
        foreach ($inches as $i => $inch) {
            self::assertEqualsWithDelta(25.4 * $inch, GroupSize::of($group)[$i], 0.55, $group);
        }
    }

    /** @return array<string, array{string, list<float>}> */
    public static function sizes(): array
    {
        return [
            '24' => ['24', [10.25, 6.8125, 8.875]], '27' => ['27', [12.0625, 6.8125, 8.875]], '31' => ['31', [13.0, 6.8125, 9.4375]],
            'U1' => ['U1', [7.75, 5.1875, 7.3125]], '34' => ['34', [10.25, 6.8125, 7.875]], 'GC2' => ['GC2', [10.375, 7.1875, 10.90625]],
        ];
    }

    public function test_every_group_is_told(): void
    {
        self::assertEqualsCanonicalizing(array_map(strval(...), array_keys(self::sizes())), GroupSize::names());
    }
}
