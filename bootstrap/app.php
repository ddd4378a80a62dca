<?php

declare(strict_types=1);

use App\Http\Middleware\CompressedAnswers;
use App\Http\Middleware\CookiesByTls;
use App\Http\Refusals;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Http\Request;

// A fresh clone has no storage folder, and the commands that need no set-up must still run.
foreach (['app', 'framework/cache/data', 'framework/sessions', 'framework/views', 'logs'] as $folder) {
    is_dir($path = dirname(__DIR__).'/storage/'.$folder) || @mkdir($path, 0700, true);
}
is_dir(__DIR__.'/cache') || @mkdir(__DIR__.'/cache', 0775, true);

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(web: __DIR__.'/../routes/web.php')
    ->withCommands([__DIR__.'/../app/Console/Commands'])
    ->withMiddleware(function (Middleware $middleware): void {
        $middleware->remove(HandleCors::class); // same origin only; see compat/README.md
        $middleware->append(CookiesByTls::class);
        $middleware->append(CompressedAnswers::class);
        $middleware->redirectGuestsTo('/sign-in');
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        $exceptions->shouldRenderJsonWhen(static fn (Request $request): bool => $request->is('api/*'));
        Refusals::register($exceptions);
    })
    ->create();
