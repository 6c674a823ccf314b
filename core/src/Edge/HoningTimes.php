<?php

declare(strict_types=1);

namespace JackRest\Core\Edge;

/** Seconds on each stone, first of all or after another, reckoned once: 200 stones make 20,000 pairs. */
final readonly class HoningTimes
{
    /** @var list<Abrasive> coarse to fine; of one size by their ids */
    public array $stones;

    /** @var list<int> the place of each stone by its id */
    public array $byId;

    /** @var list<bool> whether one may end on it */
    public array $isFineEnough;

    /** @var list<float> by stone, when it is the first */
    public array $first;

    /** @var list<list<float>> by stone, after each coarser one; infinite after one that may not come before it */
    public array $after;

    public function __construct(HoningPlanInput $job)
    {
        $model = new StrokeModel($job);
        $stones = $job->abrasives;
        usort(
            $stones,
            static fn (Abrasive $a, Abrasive $b): int => $a->particleUm === $b->particleUm
                ? strcmp($a->id, $b->id)
                : $b->particleUm <=> $a->particleUm,
        );
        $this->stones = $stones;
        $ids = array_map(static fn (Abrasive $stone): string => $stone->id, $stones);
        asort($ids, SORT_STRING);
        $places = array_flip(array_keys($ids));
        ksort($places);
        $this->byId = array_values($places);
        $this->isFineEnough = array_map($model->isFineEnough(...), $stones);
        $this->first = array_map(static fn (Abrasive $stone): float => $model->seconds(null, $stone), $stones);
        $after = [];
        foreach ($stones as $to => $stone) {
            $after[] = $model->secondsAfter(array_slice($stones, 0, $to), $stone);
        }
        $this->after = $after;
    }
}
