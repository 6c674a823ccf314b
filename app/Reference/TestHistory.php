<?php

declare(strict_types=1);

namespace App\Reference;

use App\Http\OutlineResource;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Outline\Outlines;
use JackRest\Core\Truing\History\History;
use JackRest\Core\Truing\History\Tested;
use JackRest\Core\Truing\Verdict;

/** Every test of a reference in one picture, and what they say together. */
final class TestHistory
{
    /** @return array<string, mixed> */
    public static function of(Reference $reference, LengthFormatter $format): array
    {
        return [
            'tests' => array_values(
                $reference->tests->map(static fn (ReferenceTest $test): array => self::test($test, $format))->all(),
            ),
            'toleranceMm' => $reference->toleranceMm(),
            'tolerance' => $format->small($reference->toleranceMm()),
            'droppedOn' => $reference->dropped_on,
            'sides' => $reference->kind->reference()->sides(),
            'says' => array_values(
                $reference
                    ->histories()
                    ->map(static fn (History $history): ?string => $history->sentence($format))
                    ->filter()
                    ->all(),
            ),
            'nextCheckOn' => $reference->nextCheckOn(),
            'due' => $reference->due(),
        ];
    }

    /**
     * A reference on the list, its tests as a small picture.
     *
     * @param  string|null  $claim  what the season has probably done to it; null: nothing
     * @return array<string, mixed>
     */
    public static function listed(Reference $reference, ?string $claim, LengthFormatter $format): array
    {
        $tests = $reference
            ->histories()
            ->flatMap(static fn (History $history): array => $history->tests)
            ->sortBy('day')
            ->values();
        $last = $tests->last();

        return [
            'id' => $reference->id,
            'version' => $reference->version,
            'name' => $reference->name,
            'says' => $reference->says($format),
            'outline' => self::outline($reference),
            'due' => $reference->due() ?? $claim,
            'nextCheckOn' => $reference->nextCheckOn(),
            'lastError' => $last === null
                    ? null
                    : $format->small(abs($last->errorMm)).' ± '.$format->small($last->uncertaintyMm),
            'testedAt' => $reference->tests->last()?->tested_at,
            'toleranceMm' => $reference->toleranceMm(),
            'trail' => array_values($tests->map(self::point(...))->all()),
        ];
    }

    /** @return array<string, mixed> */
    public static function outline(Reference $reference): array
    {
        $form = $reference->kind->value;
        $sizes = $reference->kind->reference()->outlineSizes($reference->sizesNow());

        // What has no measures of its own is drawn by what it is.
        return ['form' => $form, 'drawn' => $sizes === [] ? null : OutlineResource::of(Outlines::of($form, $sizes))];
    }

    /** @return array{day: float, errorMm: float, outside: bool} */
    private static function point(Tested $tested): array
    {
        return [
            'day' => round($tested->day, 2),
            'errorMm' => round($tested->errorMm, 4),
            'outside' => $tested->verdict === Verdict::Outside,
        ];
    }

    /** @return array<string, mixed> */
    private static function test(ReferenceTest $test, LengthFormatter $format): array
    {
        $tested = $test->tested();

        return [
            'id' => $test->id,
            'testedAt' => $test->tested_at,
            'errorMm' => $tested->errorMm,
            'uncertaintyMm' => $tested->uncertaintyMm,
            'error' => $format->small(abs($tested->errorMm)),
            'verdict' => $tested->verdict->value,
            'found' => $test->found,
            'taken' => $test->taken,
            'series' => $test->series,
        ];
    }
}
