<?php

declare(strict_types=1);

namespace App\Stock;

use App\Models\Job;
use App\Models\StockBooking;
use App\Models\StockItem;
use App\Models\StockLength;
use Dinghy\Cutting\Spool;
use Dinghy\Kit\Kit;
use Dinghy\Kit\Line\KitLine;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;

/**
 * What a boat takes from the shelf and puts back. Each of these reads the shelf under lock: of two boats that want the last
 * piece the second finds it gone, and nothing is booked by halves. Of a spool she takes what she needs; the rest hangs on it
 * and is free for the next.
 */
final class Taking
{
    /** As much of the kit as there is; what was taken before and is not needed any more goes back. */
    public static function take(Job $job, Kit $kit): void
    {
        DB::transaction(static function () use ($job, $kit): void {
            $shelf = BoatShelf::of($job, $kit, true);
            foreach ($kit->lines as $line) {
                $item = $shelf->item($line->item);
                if ($line->unit === 'pcs' && $item !== null) {
                    self::book($job, $item, $shelf->booked($item), (int) $line->quantity);
                }
            }
            self::putBackUnneeded($job, $kit);
            self::putLengthsBack($job);
            $shelf = BoatShelf::of($job, $kit, true);
            foreach ($shelf->opened() as $spool) {
                self::takeOff($job, $shelf->lengths->firstOrFail('id', (int) $spool->name), $spool);
            }
        });
    }

    /** Everything that is not cut yet. */
    public static function putBack(Job $job): void
    {
        DB::transaction(static function () use ($job): void {
            self::release(StockBooking::query()->where('job_id', $job->id));
            self::putLengthsBack($job);
        });
    }

    /**
     * Her lengths are cut as planned; what hung on them and is too short to be kept goes to the scrap.
     *
     * @param  float  $remnant  m from which it is kept
     */
    public static function cut(Job $job, Kit $kit, float $remnant): void
    {
        DB::transaction(static function () use ($job, $kit, $remnant): void {
            $shelf = BoatShelf::of($job, $kit, true);
            $hers = $shelf->lengths->where('job_id', $job->id)->whereNull('cut')->keyBy('id');
            foreach ($shelf->opened() as $spool) {
                $length = $hers->get((int) $spool->name);
                $length?->update(['cut' => $spool->pieces]);
                if ($length !== null) {
                    self::hangingOn($length)->where('millimetres', '<', (int) round(1000 * $remnant))->delete();
                    StockLength::query()->where('split_from', $length->id)->update(['split_from' => null]);
                }
            }
        });
    }

    private static function takeOff(Job $job, StockLength $length, Spool $spool): void
    {
        $used = min($length->millimetres, (int) ceil(1000 * array_sum($spool->pieces) - 1e-6));
        if ($length->job_id === null && $used < $length->millimetres) {
            StockLength::query()->create(['stock_item_id' => $length->stock_item_id, 'millimetres' => $length->millimetres - $used, 'split_from' => $length->id]);
            $length->millimetres = $used;
        }
        $length->job_id = $job->id;
        $length->save();
    }

    /** What she has not cut hangs on its spool again, where that is still there and free. */
    private static function putLengthsBack(Job $job): void
    {
        $hers = StockLength::query()->where('job_id', $job->id)->where('cut', null);
        $hers->lockForUpdate();
        foreach ($hers->get() as $length) {
            $rest = self::hangingOn($length)->first();
            $length->update(['job_id' => null, 'millimetres' => $length->millimetres + ($rest->millimetres ?? 0)]);
            if ($rest !== null) {
                StockLength::query()->where('split_from', $rest->id)->update(['split_from' => $length->id]);
                $rest->delete();
            }
        }
    }

    /** @return Builder<StockLength> */
    private static function hangingOn(StockLength $length): Builder
    {
        $rest = StockLength::query()->where('split_from', $length->id)->where('job_id', null)->where('cut', null);
        $rest->lockForUpdate();

        return $rest;
    }

    private static function book(Job $job, StockItem $item, int $had, int $wanted): void
    {
        $more = min($wanted - $had, $item->on_hand);
        if ($more === 0) {
            return;
        }
        $item->newQuery()->whereKey($item->id)->decrement('on_hand', $more);
        $had + $more === 0
            ? StockBooking::query()->where(['stock_item_id' => $item->id, 'job_id' => $job->id])->delete()
            : StockBooking::query()->updateOrCreate(['stock_item_id' => $item->id, 'job_id' => $job->id], ['quantity' => $had + $more]);
    }

    /** Of things that her kit does not name any more. */
    private static function putBackUnneeded(Job $job, Kit $kit): void
    {
        $keys = array_map(static fn (KitLine $line): string => StockItem::keyOf($line->item), $kit->lines);
        $others = StockItem::ofShop($job->boat->customer->shop_id);
        $others->whereNotIn('name_key', $keys);
        $unneeded = $others->pluck('id')->all();
        $bookings = StockBooking::query()->where('job_id', $job->id);
        $bookings->whereIn('stock_item_id', $unneeded);
        self::release($bookings);
    }

    /** @param  Builder<StockBooking>  $bookings */
    private static function release(Builder $bookings): void
    {
        $bookings->lockForUpdate();
        foreach ($bookings->get() as $booking) {
            StockItem::query()->whereKey($booking->stock_item_id)->increment('on_hand', $booking->quantity);
            $booking->delete();
        }
    }
}
