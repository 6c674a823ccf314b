<?php

declare(strict_types=1);

namespace JackRest\Core\Kit;

/**
 * Of all sets of one least value that serve as much, the one whose sorted tools come first.
 *
 * Tool by tool in their order: it is in when some set of that value holds it beside what is in already. Most tools
 * the bound alone decides; what the set at hand holds needs no search.
 */
final class FirstOfEqual
{
    /** False when the time was up before every tool was asked for. */
    public bool $isSure = true;

    public function __construct(private readonly CoverProblem $problem, private readonly CoverSearch $search)
    {
    }

    /**
     * @param  array<int, bool>  $gained  a set of the least value, keyed by tool
     * @param  int  $need  the weight it serves
     * @return array<int, bool> the first such set; the best known when the time is up
     */
    public function of(array $gained, int $need): array
    {
        $below = $this->problem->valueOf($gained) + 1;
        $decided = $this->search->narrowed([], $need, $below);
        foreach ($decided === null ? [] : array_keys($this->problem->values) as $tool) {
            if ($this->search->wasStopped()) {
                break;
            }
            if (isset($decided[$tool])) {
                continue;
            }
            $with = $decided;
            $with[$tool] = true;
            $holding = isset($gained[$tool])
                ? $gained
                : $this->search->anyBelow($need, $below, $with);
            $gained = $holding ?? $gained;
            $decided[$tool] = $holding !== null;
        }
        $this->isSure = ! $this->search->wasStopped();

        return $gained;
    }
}
