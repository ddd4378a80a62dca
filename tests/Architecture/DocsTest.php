<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PHPUnit\Framework\TestCase;

/** The pages for newcomers name only what is there. */
final class DocsTest extends TestCase
{
    public function test_every_link_and_folder_that_a_page_names_exists(): void
    {
        $root = dirname(__DIR__, 2);
        $named = 0;
        foreach (['README.md', 'docs/plan-format.md', 'docs/carrying-on.md', 'compat/README.md'] as $page) {
            $text = (string) file_get_contents("{$root}/{$page}");
            preg_match_all('/\]\((?!https?:)([^)#]+)\)/', $text, $links);
            preg_match_all('/^\| `([^`]+\/)`/m', $text, $folders);
            foreach ($links[1] as $link) {
                self::assertFileExists(dirname("{$root}/{$page}")."/{$link}", $page);
                $named++;
            }
            foreach ($folders[1] as $folder) {
                self::assertDirectoryExists(dirname("{$root}/{$page}")."/{$folder}", $page);
                $named++;
            }
        }
        self::assertGreaterThan(15, $named);
    }

    public function test_pictures_are_few_and_each_is_shown_somewhere(): void
    {
        $root = dirname(__DIR__, 2);
        $pictures = glob("{$root}/docs/screenshots/*.png") ?: [];
        self::assertLessThan(20, count($pictures));
        self::assertGreaterThan(3, count($pictures));
        $readme = (string) file_get_contents("{$root}/README.md");
        foreach ($pictures as $picture) {
            self::assertStringContainsString('docs/screenshots/'.basename($picture), $readme);
        }
    }
}
