<?php

declare(strict_types=1);

namespace App\Blank;

use App\Bench\Bench;
use App\Blank\Answer\BlankReasonAnswer;
use App\Blank\Answer\BlanksAnswer;
use App\Blank\Answer\BlankTypedAnswer;
use App\Blank\Answer\ListedBlankAnswer;
use App\Blank\Answer\RestAnswer;
use App\Blank\Answer\RestVisitAnswer;
use App\Blank\Answer\RoughSizeAnswer;
use App\Climate\AirRests;
use App\Http\Answer\NextAnswer;
use App\Http\Answer\WordAnswer;
use App\Http\Answer\WrittenAnswer;
use App\Ledger\Written;
use App\Wood\SpeciesWords;
use Illuminate\Support\Carbon;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Season\ClimateLine;
use JackRest\Core\Season\RestLog;
use JackRest\Core\Shelf\Figured;
use JackRest\Core\Shelf\Judged;
use JackRest\Core\Shelf\Knots;
use JackRest\Core\Shelf\Purpose;
use JackRest\Core\Shelf\Ranking;
use JackRest\Core\Shelf\Reason;
use JackRest\Desk\Shelf\BlankAdvice;
use JackRest\Desk\Shelf\JudgedWords;
use JackRest\Desk\Shelf\RestWords;
use JackRest\Desk\Shelf\WantedPieceForm;

/** The blanks on the shelf, ranked for one piece. */
final class BlankResource
{
    public static function shelf(Bench $bench, WantedPieceForm $form, LengthFormatter $format): BlanksAnswer
    {
        $today = Carbon::now()->getTimestamp() / ClimateLine::SECONDS_PER_DAY;
        $blanks = Blank::of($bench)->with('visits')->get()->keyBy('id');
        $rests = AirRests::of($bench);
        $visits = $blanks->flatMap(static fn (Blank $blank) => $blank->visits->all());
        $written = Written::by(
            $bench,
            'rest_visits',
            array_values($visits->map(static fn (RestVisit $visit): int => $visit->id)->all()),
            (new Blank())->getMorphClass(),
            array_values($blanks->map(static fn (Blank $blank): int => $blank->id)->all()),
        );
        $ranking = Ranking::of(
            array_values($blanks->map(static fn (Blank $blank) => $blank->toCore($today))->all()),
            $form->wanted,
            $rests,
        );
        $usual = $form->purpose->usual();

        return new BlanksAnswer(
            purpose: $form->purpose->value,
            purposes: WordAnswer::each(Purpose::cases()),
            figures: $form->form->readings,
            usual: [
                'length' => $format->typed($usual->lengthMm),
                'width' => $format->typed($usual->widthMm),
                'thickness' => $format->typed($usual->thicknessMm),
            ],
            wanted: new RoughSizeAnswer(
                lengthMm: $form->wanted->roughLengthMm(),
                widthMm: $form->wanted->roughWidthMm(),
                thicknessMm: $form->wanted->roughThicknessMm(),
            ),
            blanks: array_map(
                static fn (Judged $judged): ListedBlankAnswer => self::blank(
                    $blanks->findOrFail((int) $judged->blank->id),
                    $judged,
                    $rests,
                    $written,
                    $format,
                ),
                $ranking->judged,
            ),
            next: NextAnswer::of((new BlankAdvice($ranking, $format))->next()),
            species: SpeciesWords::all(),
            figured: WordAnswer::each(Figured::cases()),
            knots: WordAnswer::each(Knots::cases()),
        );
    }

    /** @param  array<int, Written>  $written  by visit */
    private static function blank(
        Blank $blank,
        Judged $judged,
        RestLog $rests,
        array $written,
        LengthFormatter $format,
    ): ListedBlankAnswer {
        $words = new JudgedWords($judged, $format);

        return new ListedBlankAnswer(
            id: $blank->id,
            version: $blank->version,
            name: $blank->name,
            says: "{$blank->species}, ".
                implode(
                    ' × ',
                    array_map($format->dimension(...), [$blank->length_mm, $blank->width_mm, $blank->thickness_mm]),
                ),
            fitness: $judged->fitness,
            reasons: array_map(
                static fn (Reason $reason): BlankReasonAnswer => new BlankReasonAnswer(
                    fitness: $reason->fitness,
                    says: $words->reason($reason),
                ),
                $judged->reasons,
            ),
            moves: $words->moves(),
            ringDeg: $blank->ring_deg,
            lengthMm: $blank->length_mm,
            widthMm: $blank->width_mm,
            thicknessMm: $blank->thickness_mm,
            typed: new BlankTypedAnswer(
                name: $blank->name,
                species: $blank->species,
                figure: $blank->figure->value,
                knots: $blank->knots->value,
                figures: [
                    'length' => $format->typed($blank->length_mm),
                    'width' => $format->typed($blank->width_mm),
                    'thickness' => $format->typed($blank->thickness_mm),
                    'ring' => LengthFormatter::decimal($blank->ring_deg, 1),
                    'runout' => $blank->runout_deg === null ? '' : LengthFormatter::decimal($blank->runout_deg, 1),
                ],
            ),
            rest: self::rest($blank, $judged, $rests, $written, $format),
        );
    }

    /** @param  array<int, Written>  $written  by visit */
    private static function rest(
        Blank $blank,
        Judged $judged,
        RestLog $rests,
        array $written,
        LengthFormatter $format,
    ): RestAnswer {
        $rest = $judged->blank->rest;
        $words = new RestWords($rest, $format);
        $again = $rest->againOn();

        return new RestAnswer(
            verdict: $rest->verdict,
            says: $words->says(),
            meanwhile: $blank->visits->count() < 2 ? null : $words->meanwhile($rests->wood($blank->thickness_mm)),
            againOn: $again === null ? null : gmdate('Y-m-d', (int) ($again * ClimateLine::SECONDS_PER_DAY)),
            visits: array_values(
                $blank->visits
                    ->map(
                        static fn (RestVisit $visit): RestVisitAnswer => new RestVisitAnswer(
                            measuredAt: $visit->measured_at,
                            bow: $format->small($visit->bow_mm),
                            wind: $format->small($visit->wind_mm),
                            cup: $format->small($visit->cup_mm),
                            written: WrittenAnswer::of($written[$visit->id] ?? null),
                        ),
                    )
                    ->all(),
            ),
        );
    }
}
