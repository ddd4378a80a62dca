<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ReadingRequest;
use App\Http\Resources\JobResource;
use App\Http\SentOnce;
use App\Models\Job;
use App\Models\User;
use Dinghy\Area\Power\Figure\PowerFigures;
use Dinghy\File\QuantityRefused;
use Illuminate\Container\Attributes\CurrentUser;

final class ReadingController extends Controller
{
    /** V: more than any bank Dinghy plans can show while it charges */
    private const HIGHEST = 75.0;

    public function store(ReadingRequest $request, Job $job, #[CurrentUser] User $user): JobResource
    {
        SentOnce::of($request, $user)->make(static function () use ($request, $job, $user): int {
            $point = $request->string('meter_point')->value();
            $known = array_column(self::evaluationOf($job)->boat->figures(PowerFigures::class)->meterPoints, 'id');
            in_array($point, $known, true) || abort(422, 'The plan has no such meter point. Choose one from the list.');
            $volts = $request->volts();
            if (abs($volts) > self::HIGHEST) {
                throw QuantityRefused::expected(
                    'a reading from -'.self::HIGHEST.' to '.self::HIGHEST.' V',
                    $request->string('volts')->value(),
                );
            }

            return $job->readings()->create([
                'plan_version_id' => self::planOf($job)->id,
                'user_id' => $user->id,
                'meter_point' => $point,
                'volts' => $volts,
                'taken_at' => now(),
            ])->id;
        });

        return new JobResource($job, $user);
    }
}
