<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Instruments\Address;
use App\Instruments\HandMeter;
use App\Models\Job;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** What a meter shows now that the shop registered by its address. */
final class HandMeterController extends Controller
{
    public function __invoke(Request $request, Job $job, #[CurrentUser] User $user): JsonResponse
    {
        $this->authorize('recordReading', $job);
        $address = Address::meterNamed($user->shop, $request->string('name')->value()) ?? abort(404, 'The shop’s settings have no such meter.');
        $shown = HandMeter::read($address);

        return response()->json(['value' => $shown['value'] ?? null, 'unit' => $shown['unit'] ?? null, 'says' => $shown === null ? "No reading comes from {$address->label()}. Is it on, and its leads in V and COM?" : null]);
    }
}
