<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Instruments\Address;
use App\Instruments\Board;
use App\Models\Job;
use App\Models\User;
use Dinghy\Sentence\Heard;
use Dinghy\Sentence\Measured;
use Dinghy\Sentence\Refusal;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;

/** What the instruments say that a shop registered; asked for, they are listened to. */
final class InstrumentController extends Controller
{
    public function __invoke(Job $job, Board $board, #[CurrentUser] User $user): JsonResponse
    {
        $this->authorize('view', $job);

        return response()->json(['instruments' => array_map(static function (Address $address) use ($board): array {
            $board->want($address);
            $told = $board->told($address);
            $heard = $told['heard'] ?? null;

            return [
                'name' => $address->name,
                'address' => $address->label(),
                'says' => match (true) {
                    $told === null => 'Nothing listens there yet: bin/start starts what does, and it takes a few seconds.',
                    $heard === null => "Nobody answers at {$address->label()}.",
                    default => null,
                },
                'heard' => $heard === null ? null : self::heard($heard),
            ];
        }, Address::of($user->shop))]);
    }

    /** @return array<string, mixed> */
    private static function heard(Heard $heard): array
    {
        $values = [];
        foreach (Measured::cases() as $measured) {
            $value = $heard->values[$measured->value] ?? null;
            $value === null || $values[] = [
                'measured' => $measured->value,
                'label' => $measured->label(),
                'unit' => $measured->unit(),
                'value' => $value['value'],
                'age_s' => $value['age_s'],
            ];
        }
        $refused = [];
        foreach ($heard->refused as $why => $count) {
            $refused[] = ['why' => Refusal::from($why)->label(), 'count' => $count];
        }

        return [
            'sentences' => $heard->sentences,
            'per_second' => $heard->perSecond,
            'age_s' => $heard->age,
            'refused' => $refused,
            'faults' => $heard->faults,
            'values' => $values,
            'minute' => ['seconds' => $heard->minute['seconds'], 'sentences' => $heard->minute['sentences'], 'refused' => $heard->minute['refused']],
        ];
    }
}
