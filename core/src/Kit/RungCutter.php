<?php

declare(strict_types=1);

namespace JackRest\Core\Kit;

/** Makes rungs of stages: a stage that is not dear is one, a dear one is cut where each part is of use by itself. */
final readonly class RungCutter
{
    /** What one would put by for a month or two. Common practice. */
    private const A_RUNG = 150.0;

    public function __construct(private LadderStages $stages, private ?Months $months)
    {
    }

    /** @return list<Rung> */
    public function all(): array
    {
        $had = $this->stages->owned();
        $rungs = [];
        // What is possible already is no stage to climb.
        $number = ($this->stages->stages[0]->buy ?? null) === [] ? 0 : 1;
        foreach ($this->stages->stages as $stage) {
            $cut = self::cut($this->stages->steps($stage->buy, $had), $stage->cost);
            $had += array_fill_keys($stage->buy, true);
            $from = $stage->cumulativeCost - $stage->cost;
            foreach ($cut as $index => [$tools, $lifts]) {
                $reached = $index === count($cut) - 1 ? $this->stages->reached($stage, $had) : [];
                $rungs[] = $rung = $this->rung($number, $tools, $from, $lifts, $reached);
                $from = $rung->to;
            }
            $number++;
        }

        return $rungs;
    }

    /**
     * @param  list<Offer>  $tools
     * @param  list<Lift>  $lifts
     * @param  list<Reached>  $reached
     */
    public function rung(int $stage, array $tools, float $from, array $lifts, array $reached = []): Rung
    {
        $cost = self::costOf($tools);
        $month = $this->months?->whenSaved($from + $cost);
        $late = array_filter(
            $reached,
            static fn (Reached $goal): bool => $month !== null &&
                $goal->work->due !== null &&
                $month > substr($goal->work->due, 0, 7),
        );
        $minutes = array_sum(array_map(static fn (Offer $offer): int => $offer->making->minutes ?? 0, $tools));

        return new Rung($stage, $tools, $cost, $from, $from + $cost, $minutes, $lifts, $reached, $month, $late !== []);
    }

    /**
     * @param  list<array{list<Offer>, list<Lift>}>  $steps
     * @return non-empty-list<array{list<Offer>, list<Lift>}>
     */
    private static function cut(array $steps, float $cost): array
    {
        $cut = [[[], []]];
        $sum = 0.0;
        foreach ($steps as [$tools, $lifts]) {
            $price = self::costOf($tools);
            if ($cost > self::A_RUNG && $sum > 0.0 && $sum + $price > self::A_RUNG) {
                $cut[] = [[], []];
                $sum = 0.0;
            }
            $last = count($cut) - 1;
            $cut[$last] = [[...$cut[$last][0], ...$tools], [...$cut[$last][1], ...$lifts]];
            $sum += $price;
        }

        return $cut;
    }

    /** @param  list<Offer>  $offers */
    private static function costOf(array $offers): float
    {
        return (float) array_sum(array_map(static fn (Offer $offer): float => $offer->price, $offers));
    }
}
