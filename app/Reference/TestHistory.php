<?php

declare(strict_types=1);

namespace App\Reference;

use App\Bench\Bench;
use App\Http\Answer\WrittenAnswer;
use App\Http\OutlineResource;
use App\Ledger\Correctable;
use App\Ledger\Moment;
use App\Ledger\Written;
use App\Reference\Answer\HistoryAnswer;
use App\Reference\Answer\ListedAnswer;
use App\Reference\Answer\OutlineAnswer;
use App\Reference\Answer\TestedAnswer;
use App\Reference\Answer\TrailPointAnswer;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Outline\Outlines;
use JackRest\Core\Truing\History\History;
use JackRest\Core\Truing\History\Tested;
use JackRest\Core\Truing\Verdict;
use JackRest\Desk\Reference\HistoryWords;

/** Every test of a reference in one picture, and what they say together. */
final class TestHistory
{
    /** More than a picture of a thumb's breadth can tell apart; the reference's own page has all of them. */
    private const TRAIL = 16;

    public static function of(Reference $reference, Bench $bench, LengthFormatter $format): HistoryAnswer
    {
        $written = Written::by(
            $bench,
            'reference_tests',
            array_values($reference->tests->map(static fn (ReferenceTest $test): int => $test->id)->all()),
            $reference->getMorphClass(),
            [$reference->id],
            Correctable::JOINT,
        );

        return new HistoryAnswer(
            tests: array_values(
                $reference->tests
                    ->map(static fn (ReferenceTest $test): TestedAnswer => self::test(
                        $test,
                        $written[$test->id] ?? null,
                        $format,
                    ))
                    ->all(),
            ),
            toleranceMm: $reference->toleranceMm(),
            tolerance: $format->small($reference->toleranceMm()),
            droppedOn: $reference->dropped_on,
            sides: $reference->kind->reference()->sides(),
            says: array_values(
                $reference
                    ->histories()
                    ->map(static fn (History $history): ?string => HistoryWords::drift($history, $format))
                    ->filter()
                    ->all(),
            ),
            nextCheckOn: $reference->nextCheckOn(),
            due: $reference->due(),
        );
    }

    /**
     * A reference on the list, its tests as a small picture.
     *
     * @param  string|null  $claim  what the season has probably done to it; null: nothing
     */
    public static function listed(Reference $reference, ?string $claim, LengthFormatter $format): ListedAnswer
    {
        $tests = $reference
            ->histories()
            ->flatMap(static fn (History $history): array => $history->tests)
            ->sortBy('day')
            ->values();
        $last = $tests->last();

        return new ListedAnswer(
            id: $reference->id,
            version: $reference->version,
            name: $reference->name,
            says: $reference->says($format),
            outline: self::outline($reference),
            due: $reference->due() ?? $claim,
            nextCheckOn: $reference->nextCheckOn(),
            lastError: $last === null
                ? null
                : $format->small(abs($last->errorMm)).' ± '.$format->small($last->uncertaintyMm),
            testedAt: $last === null ? null : Moment::written($last->day),
            toleranceMm: $reference->toleranceMm(),
            trail: array_values($tests->slice(-self::TRAIL)->map(self::point(...))->all()),
        );
    }

    public static function outline(Reference $reference): OutlineAnswer
    {
        $kind = $reference->kind;
        $sizes = $kind->reference()->outlineSizes($reference->sizesNow());

        // What has no measures of its own is drawn by what it is.
        return new OutlineAnswer(
            form: $kind,
            drawn: $sizes === [] ? null : OutlineResource::of(Outlines::of($kind->value, $sizes)),
        );
    }

    private static function point(Tested $tested): TrailPointAnswer
    {
        return new TrailPointAnswer(
            day: round($tested->day, 2),
            errorMm: round($tested->errorMm, 4),
            outside: $tested->verdict === Verdict::Outside,
        );
    }

    private static function test(ReferenceTest $test, ?Written $written, LengthFormatter $format): TestedAnswer
    {
        $tested = $test->tested();

        return new TestedAnswer(
            id: $test->id,
            testedAt: $test->tested_at,
            errorMm: $tested->errorMm,
            uncertaintyMm: $tested->uncertaintyMm,
            error: $format->small(abs($tested->errorMm)),
            verdict: $tested->verdict,
            found: $test->found,
            taken: $test->taken,
            series: $test->series,
            written: WrittenAnswer::of($written),
        );
    }
}
