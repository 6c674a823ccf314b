<?php

declare(strict_types=1);

namespace App\Season;

use App\Bench\Bench;
use App\Climate\AirDays;
use App\Climate\ClimateStretch;
use App\Http\Answer\NextAnswer;
use App\Reference\Reference;
use App\Reference\SeasonOfBench;
use App\Season\Answer\SeasonAnswer;
use App\Season\Answer\SeasonDayAnswer;
use App\Season\Answer\SeasonForecastAnswer;
use App\Season\Answer\SeasonGapAnswer;
use App\Season\Answer\StretchAnswer;
use App\Season\Answer\WoodOfAnswer;
use App\Wood\SpeciesWords;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Season\DayOfAir;
use JackRest\Core\Season\Gap;
use JackRest\Core\Season\SeasonForecast;
use JackRest\Desk\Season\ForecastScoreWords;
use JackRest\Desk\Season\SeasonForecastWords;
use JackRest\Desk\Season\SeasonOutlook;
use LogicException;

/** The season: the log of the air, wood in it, and the forecast of the references. */
final class SeasonResource
{
    /** More than the drawing of a wide screen has pixels to tell apart. */
    private const POINTS = 366;

    public static function of(Bench $bench, string $thickness, LengthFormatter $format): SeasonAnswer
    {
        $season = new SeasonOfBench($bench);
        $air = AirDays::of($bench);
        $form = new SeasonOutlook($season->log, $thickness, $season->named(), $season->today, $format);

        return new SeasonAnswer(
            thickness: $form->thickness,
            thick: $format->dimension($form->thicknessMm()),
            count: $air->readings(),
            days: array_map(
                static fn (DayOfAir $day): SeasonDayAnswer => self::day($day, $form),
                $air->drawn(self::POINTS),
            ),
            last: $air->last() === null ? null : self::day($air->last(), $form),
            gaps: array_map(
                static fn (Gap $gap): SeasonGapAnswer => new SeasonGapAnswer($gap->from, $gap->until),
                $season->log->gaps(),
            ),
            lines: $form->lines(),
            next: NextAnswer::of($form->next()),
            how: $form->how(),
            forecasts: self::forecasts($season, $format),
            score: (new ForecastScoreWords($form->score))->sentence(),
            stretches: self::stretches($bench),
            species: SpeciesWords::all(),
        );
    }

    private static function day(DayOfAir $day, SeasonOutlook $form): SeasonDayAnswer
    {
        return new SeasonDayAnswer(
            day: $day->day,
            until: $day->until,
            tempC: round($day->tempC, 1),
            lowRhPct: round($day->lowRhPct, 1),
            highRhPct: round($day->highRhPct, 1),
            restPct: round($day->restPct, 2),
            woodPct: self::rounded($form->piece->on(($day->day + $day->until + 1) / 2)),
        );
    }

    /** @return list<SeasonForecastAnswer> those that have probably moved first, those that cannot be computed last */
    private static function forecasts(SeasonOfBench $season, LengthFormatter $format): array
    {
        $ranked = $season->references->keys()->sortBy(static function (int $index) use ($season): float {
            $predicted = $season->forecasts[$index]->predicted;

            return $predicted === null ? 1.0 : ($predicted->isClaim() ? -1 - $predicted->chance() : 0.0);
        });

        return array_values(
            $ranked
                ->map(
                    static fn (int $index): SeasonForecastAnswer => self::forecast(
                        $season->references->get($index) ?? throw new LogicException(),
                        $season->forecasts[$index],
                        $format,
                    ),
                )
                ->all(),
        );
    }

    private static function forecast(
        Reference $reference,
        SeasonForecast $forecast,
        LengthFormatter $format,
    ): SeasonForecastAnswer {
        $wood = $reference->ofWood();
        $words = new SeasonForecastWords($forecast, $format);

        return new SeasonForecastAnswer(
            id: $reference->id,
            version: $reference->version,
            name: $reference->name,
            isClaim: $forecast->isClaim(),
            chance: self::rounded($forecast->predicted?->chance()),
            says: $words->says($reference->kind->reference()->sides()),
            why: $words->why(),
            score: $forecast->score->count() === 0 ? null : (new ForecastScoreWords($forecast->score))->sentence(),
            isMoved: $reference->moistureResponse() !== null,
            wood: $wood === null
                ? null
                : new WoodOfAnswer(
                    species: $wood->species->name,
                    ring: LengthFormatter::decimal($wood->ringDeg, 1),
                    runout: LengthFormatter::decimal($wood->runoutDeg, 1),
                    thickness: $format->typed($wood->thicknessMm),
                ),
        );
    }

    /** @return list<StretchAnswer> what was taken in; single readings are counted together */
    private static function stretches(Bench $bench): array
    {
        $air = AirDays::byStretch($bench);

        return array_values(
            ClimateStretch::of($bench)
                ->latest('id')
                ->get(['id', 'version', 'name'])
                ->filter(static fn (ClimateStretch $stretch): bool => ($air[$stretch->id]->readings ?? 0) > 1)
                ->map(
                    static fn (ClimateStretch $stretch): StretchAnswer => new StretchAnswer(
                        id: $stretch->id,
                        version: $stretch->version,
                        says: ($air[$stretch->id]->readings ?? 0)." readings {$stretch->name}",
                    ),
                )
                ->all(),
        );
    }

    private static function rounded(?float $value): ?float
    {
        return $value === null ? null : round($value, 3);
    }
}
