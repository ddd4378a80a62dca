<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

/** The page; it shows what its address says. */
final class PageController extends Controller
{
    private const FIRST = ['resources/js/early.ts', 'resources/js/main.tsx'];

    private const MANIFEST = 'build/manifest.json';

    /**
     * A stage's own script, and all that it and the page stand on, are told of with the first answer: found out by the page
     * itself, each would come a turn of the line later than what names it.
     */
    public function __invoke(Request $request): View
    {
        $scripts = self::FIRST;
        if (preg_match('#^jobs/\d+/([a-z]+)$#', $request->path(), $found) === 1) {
            $script = "resources/js/{$found[1]}/".ucfirst($found[1]).'Stage.tsx';
            is_file(base_path($script)) && $scripts[] = $script;
        }

        return view('app', ['scripts' => $scripts, 'stoodOn' => self::stoodOn($scripts)]);
    }

    /**
     * @param  list<string>  $scripts
     * @return list<string> files of the public folder that they import, and those import
     */
    private static function stoodOn(array $scripts): array
    {
        $built = is_file(public_path(self::MANIFEST)) ? json_decode((string) file_get_contents(public_path(self::MANIFEST)), true) : [];
        $files = [];
        $open = $scripts;
        while ($open !== []) {
            $chunk = is_array($built) ? $built[array_shift($open)] ?? null : null;
            if (is_array($chunk) && is_string($chunk['file'] ?? null) && ! isset($files[$chunk['file']])) {
                $files[$chunk['file']] = true;
                array_push($open, ...array_filter((array) ($chunk['imports'] ?? []), is_string(...)));
            }
        }

        return array_keys($files);
    }
}
