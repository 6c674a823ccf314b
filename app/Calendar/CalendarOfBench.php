<?php

declare(strict_types=1);

namespace App\Calendar;

use App\Bench\Bench;
use App\Blank\Blank;
use App\Edge\OutlookOfBench;
use App\Job\JobsUnderWay;
use App\Making\Making;
use App\Reference\Reference;
use App\SetOut\StagesAtRest;
use Illuminate\Support\Carbon;
use JackRest\Core\Edge\EdgeNeed;
use JackRest\Core\Season\ClimateLine;
use JackRest\Desk\Edge\SharpeningWords;

/** When what wants doing: checks of references, sharpenings by the forecast, blanks whose week is over. */
final readonly class CalendarOfBench
{
    /** A forecast farther off than this is no appointment. */
    private const DAYS = 180;

    public function __construct(private Bench $bench)
    {
    }

    /** @return list<CalendarDay> the soonest first */
    public function days(): array
    {
        $days = [...$this->checks(), ...$this->sharpenings(), ...$this->rests(), ...$this->stages(),
            ...$this->makings(), ...$this->jobs()];
        usort(
            $days,
            static fn (CalendarDay $one, CalendarDay $other): int => [$one->day, $one->says] <=> [
                $other->day,
                $other->says,
            ],
        );

        return $days;
    }

    /** @return list<CalendarDay> what is due stands on today */
    private function checks(): array
    {
        $today = Carbon::now()->toDateString();

        return array_values(
            Reference::testedOf($this->bench)
                ->map(static function (Reference $reference) use ($today): CalendarDay {
                    $due = $reference->due();
                    $on = $reference->nextCheckOn();

                    return new CalendarDay(
                        "check-{$reference->id}",
                        $due !== null || $on === null ? $today : max($today, substr($on, 0, 10)),
                        "Test the {$reference->name}",
                        $due ?? 'Its next check.',
                    );
                })
                ->all(),
        );
    }

    /** @return list<CalendarDay> the day by which it is as likely blunt as not; one that is blunt stands on today */
    private function sharpenings(): array
    {
        $outlook = new OutlookOfBench($this->bench);
        $days = [];
        foreach ($outlook->edges as $id => $edge) {
            $in = $edge->isSharp() ? $outlook->forecasts[$id]->days(0.5) : 0.0;
            if ($in !== null && $in <= self::DAYS) {
                $days[] = new CalendarDay(
                    "hone-$id",
                    Carbon::now()->addDays((int) max(0, floor($in)))->toDateString(),
                    $edge->isSharp() || $edge->isDue()
                        ? SharpeningWords::job(EdgeNeed::tryFrom($edge->condition), $edge->name)
                        : "Look at the {$edge->name}",
                    $in <= 0.0
                        ? $edge->forecast($outlook->forecasts[$id])
                        : 'By your diary it is as likely blunt by then as not.',
                );
            }
        }

        return $days;
    }

    /** @return list<CalendarDay> */
    private function rests(): array
    {
        $today = Carbon::now();
        $days = [];
        foreach (Blank::of($this->bench)->with('visits')->get() as $blank) {
            $again = $blank->restTest($today->getTimestamp() / ClimateLine::SECONDS_PER_DAY)->againOn();
            if ($again !== null) {
                $days[] = new CalendarDay(
                    "rest-{$blank->id}",
                    max($today->toDateString(), gmdate('Y-m-d', (int) ($again * ClimateLine::SECONDS_PER_DAY))),
                    "Measure the {$blank->name} again",
                    'Its week of rest is over.',
                );
            }
        }

        return $days;
    }

    /** @return list<CalendarDay> boards brought to thickness in stages: on the day their rest is over */
    private function stages(): array
    {
        $today = Carbon::now()->toDateString();

        return array_map(static fn (array $one): CalendarDay => new CalendarDay(
            "stage-{$one[0]->id}",
            max($today, $one[1]),
            'Plane on: '.lcfirst($one[0]->label())." of the {$one[0]->work->name}",
            'Their rest between two stages is over.',
        ), StagesAtRest::of($this->bench));
    }

    /** @return list<CalendarDay> works as they are made: glue that is dry, and the day they are done by the plan */
    private function jobs(): array
    {
        return array_map(
            static fn (array $day): CalendarDay => new CalendarDay(...$day),
            JobsUnderWay::of($this->bench)->days(),
        );
    }

    /** @return list<CalendarDay> what is being made: on the day its wait is over */
    private function makings(): array
    {
        $today = Carbon::now()->toDateString();

        return array_values(
            Making::of($this->bench)
                ->where('state', 'running')
                ->get()
                ->map(
                    static fn (Making $making): CalendarDay => new CalendarDay(
                        "making-{$making->id}",
                        max($today, substr($making->waits_until ?? $today, 0, 10)),
                        "Go on making the {$making->name}",
                        "Next: {$making->steps[$making->done]['title']}.",
                    ),
                )
                ->all(),
        );
    }
}
