<?php

declare(strict_types=1);

namespace App\Areas\Rig;

use App\Areas\Contract\BlocksDrawn;
use App\Areas\Contract\HullDrawn;
use App\Rigging\HoldTold;
use Dinghy\Area\Rigging\AsBuilt;
use Dinghy\Area\Rigging\Method\Methods;
use Dinghy\Area\Rigging\Step;
use Dinghy\Area\Rigging\Steps;
use Dinghy\Area\Rigging\Walk;
use Dinghy\Evaluation\Evaluation;
use Dinghy\Plan\Post;
use Dinghy\Survey\Photograph;

/** What the stage Rig draws: every step with its figures. How each is done follows; what is done of them the record of the work says. */
final readonly class RigAnswer
{
    private Methods $methods;

    private function __construct(private Evaluation $evaluation)
    {
        $this->methods = new Methods($evaluation->boat);
    }

    /** @return array<string, mixed> */
    public static function of(Evaluation $evaluation): array
    {
        $answer = new self($evaluation);

        return [
            'hull' => ($outline = $evaluation->boat->plan->boat->outline()) === null ? null : HullDrawn::of($outline),
            'blocks' => BlocksDrawn::of($evaluation->boat),
            'pictures' => $answer->pictures(),
            'steps' => array_map($answer->step(...), $evaluation->boat->figures(Steps::class)->all),
        ];
    }

    /** @return array<string, mixed> */
    private function step(Step $step): array
    {
        $method = $this->methods->of($step);
        $minutes = $step->minutes;

        return [
            'id' => $step->id,
            'kind' => $step->kind->value,
            'says' => $step->says,
            'on' => $step->on,
            'at' => $step->at,
            'place' => Walk::placeOf($step),
            'where' => $step->place->value,
            'post' => $step->post === null ? null : $this->evaluation->boat->post(Post::named($step->post)),
            'needs' => $step->needs,
            'minutes' => $minutes,
            'holds' => HoldTold::of($step),
            'wire' => $step->piece === null ? null : ['label' => $step->piece->labels()[0], 'colour' => $step->piece->stock->colour, 'stock' => $step->piece->stock->label()],
            'figures' => $method->figures,
            'caution' => $method->caution,
            'as_built' => array_map(static fn (AsBuilt $one): string => $one->value, AsBuilt::at($step, $this->evaluation->boat)),
        ];
    }

    /** @return list<array{of: string, picture: string, words: string}> photographs that there are, of places and posts */
    private function pictures(): array
    {
        $photographs = array_filter($this->evaluation->boat->plan->survey->photographs ?? [], static fn (Photograph $one): bool => $one->picture !== null);

        return array_values(array_map(static fn (Photograph $one): array => ['of' => $one->of, 'picture' => (string) $one->picture, 'words' => $one->words], $photographs));
    }
}
