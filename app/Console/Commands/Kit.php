<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Dinghy\Evaluation\Areas;
use Dinghy\File\PlanRefused;
use Dinghy\Kit\Kit as BoatKit;
use Dinghy\Kit\KitDocument;
use Dinghy\Rule\Level;
use Illuminate\Console\Command;

final class Kit extends Command
{
    protected $signature = 'dinghy:kit {plan : A plan file}
        {--strict : Exit 1 when a stop is found}';

    protected $description = 'Prints what a plan file takes on the bench: every wire with its ends and labels, the list, the cuts, as JSON';

    public function handle(): int
    {
        try {
            $evaluation = resolve(Areas::class)->evaluate(PlanFile::read((string) $this->argument('plan'))->plan());
        } catch (PlanRefused $e) {
            return PlanFile::refuse($this, $e);
        }
        PlanFile::answer($this, KitDocument::of($evaluation->boat->figures(BoatKit::class)));

        return $this->option('strict') && $evaluation->count(Level::Stop) > 0 ? self::FAILURE : self::SUCCESS;
    }
}
