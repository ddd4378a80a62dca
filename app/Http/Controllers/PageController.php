<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

/** The page; it shows what its address says. */
final class PageController extends Controller
{
    /** A stage's own script is told of with the first answer: found out by the page itself it would come one turn of the line later. */
    public function __invoke(Request $request): View
    {
        $scripts = ['resources/js/main.tsx'];
        if (preg_match('#^jobs/\d+/([a-z]+)$#', $request->path(), $found) === 1) {
            $script = "resources/js/{$found[1]}/".ucfirst($found[1]).'Stage.tsx';
            is_file(base_path($script)) && $scripts[] = $script;
        }

        return view('app', ['scripts' => $scripts]);
    }
}
