<?php

declare(strict_types=1);

namespace JackRest\Core\Edge;

/** Stopping sooner: on which stone, what it saves, what the edge is then good for. */
final readonly class StopEarly
{
    public function __construct(
        public float $finishUm,
        public string $stone,
        public float $savesSeconds,
        public EdgeDuty $goodFor,
    ) {
    }

    /**
     * @param  array<string, HoningStone>  $byId
     * @return list<self> the sooner the later in the list
     */
    public static function of(HoningPlanInput $job, float $seconds, array $byId): array
    {
        $stops = [];
        foreach ([EdgeDuty::Fit, EdgeDuty::Chop, EdgeDuty::Rough] as $duty) {
            if ($duty->finishUm() <= $job->finishUm) {
                continue;
            }
            $path = GritPath::LeastTime->over($job->endingAt($duty->finishUm()));
            $last = $path === null ? null : $path->path[count($path->path) - 1];
            if ($path !== null && $last !== null && $seconds - $path->totalSeconds > 1.0) {
                $stops[$last->id] = new self(
                    $duty->finishUm(),
                    $byId[$last->id]->name,
                    $seconds - $path->totalSeconds,
                    $duty,
                );
            }
        }

        return array_values($stops);
    }
}
