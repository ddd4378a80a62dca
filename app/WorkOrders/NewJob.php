<?php

declare(strict_types=1);

namespace App\WorkOrders;

use App\Models\Job;
use App\Models\Shop;
use App\Models\User;
use App\Names\NameKey;
use Carbon\CarbonInterface;
use Dinghy\File\PlanDocument;
use Dinghy\Plan\Plan;
use Illuminate\Support\Facades\DB;

/** Takes a boat in: customer, boat and work order with its first plan, all or nothing. */
final class NewJob
{
    /** @throws \Dinghy\File\PlanRefused */
    public static function make(
        Shop $shop,
        ?User $user,
        string $customer,
        string $title,
        ?CarbonInterface $promised,
        PlanDocument $document,
    ): Job {
        $document = $document->takenIn();
        $document->plan();
        /** @var object{name?: string, hull?: string, length_m?: float, beam_m?: float} $boat */
        $boat = $document->root()->boat ?? new \stdClass;

        return DB::transaction(static function () use ($shop, $user, $customer, $title, $promised, $document, $boat): Job {
            $job = $shop->customers()->firstOrCreate(
                ['name_key' => NameKey::of($customer)],
                ['name' => $customer],
            )->boats()->create([
                'name' => mb_substr($boat->name ?? $title, 0, 120),
                'hull' => $boat->hull ?? null,
                'length_m' => $boat->length_m ?? null,
                'beam_m' => $boat->beam_m ?? null,
            ])->jobs()->create(['title' => $title, 'promised_on' => $promised]);
            (new PlanHistory($job))->begin($user, $document);

            return $job;
        });
    }
}
