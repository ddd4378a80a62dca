<?php

declare(strict_types=1);

namespace App\Providers;

use App\Areas\Contract\AreaList;
use App\Areas\StandardAreas as ApplicationAreas;
use App\Http\SafeHeaders;
use Dinghy\Area\StandardAreas;
use Dinghy\Evaluation\Areas;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Foundation\Http\Events\RequestHandled;
use Illuminate\Http\Middleware\TrustProxies;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\ServiceProvider;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->singleton(Areas::class, StandardAreas::areas(...));
        $this->app->singleton(AreaList::class, ApplicationAreas::list(...));
    }

    public function boot(): void
    {
        Model::preventSilentlyDiscardingAttributes();
        // Whose word counts for where a request comes from, and whether it came by TLS.
        TrustProxies::at(config('app.trusted_proxies'));
        Event::listen(RequestHandled::class, SafeHeaders::on(...));
    }
}
