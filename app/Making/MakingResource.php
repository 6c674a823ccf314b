<?php

declare(strict_types=1);

namespace App\Making;

use App\Http\Answer\NextAnswer;
use App\Making\Answer\MakingAnswer;
use App\Making\Answer\MakingStepAnswer;
use App\Reference\Reference;
use App\Reference\ReferencesOfTool;
use Illuminate\Support\Carbon;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Making\Cautions;
use JackRest\Desk\Making\MakingStep;

/** Something that is being made: its steps, what is done, what it waits for. */
final class MakingResource
{
    public static function of(Making $making, LengthFormatter $format): MakingAnswer
    {
        $now = Carbon::now()->toIso8601ZuluString();

        return new MakingAnswer(
            id: $making->id,
            version: $making->version,
            name: $making->name,
            plan: $making->plan->value,
            label: $making->plan->label(),
            figures: self::typed($making, $format),
            steps: array_map(
                static fn (array $step): MakingStepAnswer => PlanResource::step(new MakingStep(...$step)),
                $making->steps,
            ),
            done: $making->done,
            waitsUntil: $making->isWaiting($now) ? $making->waits_until : null,
            waitsFor: $making->waitsFor(),
            isMade: $making->state === 'made',
            running: $making->sessions()->where('state', 'running')->first()?->id,
            reference: self::reference($making)?->id,
            next: self::next($making, $now),
            caution: Cautions::TEXT,
        );
    }

    /** Where it stands, in a few words. */
    public static function standing(Making $making, string $now): string
    {
        return match (true) {
            $making->state === 'made' => 'made; it hangs on the board',
            $making->isWaiting($now) => "waits for {$making->waitsFor()} until ".
                Carbon::parse((string) $making->waits_until)->format('j F'),
            default => 'step '.
                ($making->done + 1).
                ' of '.
                count($making->steps).
                ": {$making->steps[$making->done]['title']}",
        };
    }

    private static function next(Making $making, string $now): NextAnswer
    {
        if ($making->state === 'made') {
            return self::reference($making) === null
                ? new NextAnswer(says: 'It is made, ready for work.', why: 'It hangs on the board.')
                : new NextAnswer(
                    says: 'It is made. Test it before you trust it.',
                    why: 'It hangs on the board; its first test begins its history.',
                );
        }
        $step = $making->steps[$making->done];
        $minutes = (int) round(array_sum(array_column($making->stage(), 'minutes')));

        return $making->isWaiting($now)
            ? new NextAnswer(
                says: 'Wait until '.Carbon::parse((string) $making->waits_until)->format('j F').'.',
                why: ucfirst($making->waitsFor()).'. Then: '.lcfirst($step['title']).'.',
            )
            : new NextAnswer(
                says: "{$step['title']}.",
                why: "$minutes minutes at the bench, about, until it waits again or is done.",
            );
    }

    /** @return array<string, string> */
    private static function typed(Making $making, LengthFormatter $format): array
    {
        $typed = [];
        foreach ($making->plan->fields() as $size) {
            $name = $size->field->name;
            $typed[$name] = $size->field->typed((float) ($making->sizes[$name] ?? 0.0), $format);
        }

        return $typed;
    }

    /** The reference that was made; null: it is not made yet, or it is none. */
    private static function reference(Making $making): ?Reference
    {
        return $making->state !== 'made' || $making->tool === null ? null : ReferencesOfTool::broughtBy($making->tool);
    }
}
