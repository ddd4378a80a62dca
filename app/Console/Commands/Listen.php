<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Instruments\Address;
use App\Instruments\Board;
use App\Instruments\Listener;
use App\Models\Shop;
use Illuminate\Console\Command;
use Illuminate\Contracts\Cache\Repository;
use Illuminate\Database\QueryException;

final class Listen extends Command
{
    protected $signature = 'dinghy:listen {--with= : Ends with the process of this number}';

    protected $description = 'Listens to the instrument networks that pages want to hear of, at the addresses that shops registered';

    /** s between two looks at shops' addresses */
    private const LOOK = 3.0;

    public function handle(Repository $cache): int
    {
        $listener = new Listener(new Board($cache));
        $with = (int) $this->option('with');
        [$addresses, $looked] = [[], 0.0];
        while ($with === 0 || posix_kill($with, 0)) {
            $listener->turn(static function () use (&$addresses, &$looked): array {
                if (microtime(true) - $looked >= self::LOOK) {
                    $looked = microtime(true);
                    try {
                        $addresses = Shop::query()->get()->flatMap(static fn (Shop $shop): array => Address::of($shop))->all();
                    } catch (QueryException) {
                        // A database that is away for a while comes back; what was known holds until then.
                    }
                }

                return $addresses;
            });
        }

        return self::SUCCESS;
    }
}
