<?php

declare(strict_types=1);

namespace App\Day;

use App\Day\Answer\DayAnswer;
use App\Day\Answer\DayEdgeAnswer;
use App\Day\Answer\DayRoundAnswer;
use App\Day\Answer\DayVisitAnswer;
use App\Edge\Edge;
use App\Http\Answer\NextAnswer;
use Illuminate\Support\Collection;
use JackRest\Core\Day\Round;
use JackRest\Core\Day\SharpeningDay;
use JackRest\Core\Day\Visit;
use JackRest\Core\Edge\StepKind;
use JackRest\Desk\Day\WaitWords;
use JackRest\Desk\Edge\HoningTime;
use JackRest\Desk\Edge\SharpeningWords;

/** A sharpening day: who goes over which stone when, and what it saves. */
final class DayResource
{
    /**
     * @param  Collection<int, Edge>  $all
     * @param  list<int>  $chosen
     */
    public static function of(DayOfBench $bench, Collection $all, array $chosen, ?SharpeningDay $day): DayAnswer
    {
        return new DayAnswer(
            edges: array_values(
                $all
                    ->map(
                        static fn (Edge $edge): DayEdgeAnswer => new DayEdgeAnswer(
                            id: $edge->id,
                            name: $edge->name,
                            says: $bench->left[$edge->id] ?? Edge::says($edge->condition),
                            due: $edge->isDue(),
                            left: isset($bench->left[$edge->id]),
                            chosen: in_array($edge->id, $chosen, true),
                        ),
                    )
                    ->all(),
            ),
            rounds: array_map(self::round(...), $day->rounds ?? []),
            waits: array_map(WaitWords::sentence(...), $day?->waits() ?? []),
            totalSeconds: $day->totalSeconds ?? 0.0,
            savesSeconds: $day?->savesSeconds() ?? 0.0,
            rackIsEmpty: $bench->rackIsEmpty(),
            next: $day === null
                ? self::nothingYet($bench, $chosen)
                : new NextAnswer(
                    says: self::edges($day).'. '.(new HoningTime($day->totalSeconds))->says().'.',
                    why: self::saves($day),
                ),
        );
    }

    /**
     * @param  list<int>  $chosen
     */
    private static function nothingYet(DayOfBench $bench, array $chosen): NextAnswer
    {
        return $chosen === [] || $bench->left === []
            ? new NextAnswer(
                says: 'Choose the edges for the day.',
                why: 'Each stone is then fetched, wetted and flattened once.',
            )
            : new NextAnswer(
                says: $bench->left[array_key_first($bench->left)],
                why: 'No honing can be planned before that.',
            );
    }

    private static function edges(SharpeningDay $day): string
    {
        $edges = count(
            array_unique(
                array_merge(
                    ...array_map(
                        static fn (Round $round): array => array_map(
                            static fn (Visit $visit): string => $visit->edge->id,
                            $round->visits,
                        ),
                        $day->rounds,
                    ),
                ),
            ),
        );
        $stones = count($day->rounds);

        return ($edges === 1 ? 'One edge' : "$edges edges").
            ' over '.
            ($stones === 1 ? 'one stone' : "$stones stones");
    }

    private static function saves(SharpeningDay $day): string
    {
        $saves = $day->savesSeconds();
        $proof = $day->isProven()
            ? 'No choice of stones takes less.'
            : 'No other choice of stones saves more than '.self::time(ceil($day->mayBeOver)).'.';
        $less = match (true) {
            $saves < 5 => 'No quicker than one by one: the stones are the same, and each edge is taken up again.',
            default => 'Saves '.self::time($saves).' against one by one.',
        };

        return "$less $proof";
    }

    private static function time(float $seconds): string
    {
        return match (true) {
            $seconds < 1.5 => '1 second',
            $seconds < 90 => round($seconds).' seconds',
            default => round($seconds / 60).' minutes',
        };
    }

    private static function round(Round $round): DayRoundAnswer
    {
        return new DayRoundAnswer(
            stone: $round->stone->name,
            label: $round->stone->scale->label($round->stone->designation),
            changeSeconds: $round->stone->changeSeconds,
            minutes: SharpeningWords::inMinutes($round->seconds()),
            visits: array_map(
                static fn (Visit $visit): DayVisitAnswer => new DayVisitAnswer(
                    edgeId: (int) $visit->edge->id,
                    edge: $visit->edge->name,
                    strokes: $visit->step->strokes,
                    seconds: $visit->step->seconds,
                    kind: $visit->step->kind,
                    setting: $visit->step->kind === StepKind::Hone
                        ? trim(str_replace(['chisel ', 'iron ', 'freehand '], '', $visit->edge->setting)).'°'
                        : '',
                ),
                $round->visits,
            ),
        );
    }
}
