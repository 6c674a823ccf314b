<?php

declare(strict_types=1);

namespace JackRest\Core\Edge;

use JackRest\Core\Calculation\InvalidInput;

/** What another school would do with the same edge on the same rack, and what that costs in time. */
final readonly class ComparedSchool
{
    /** @param  string|null  $lacks  why it cannot be done here; null: it can */
    private function __construct(
        public SharpeningSchool $school,
        public ?SharpeningPlan $plan,
        public ?string $lacks,
    ) {
    }

    /**
     * @param  list<HoningStone>  $rack
     * @return list<self> in the order of {@see SharpeningSchool::all}
     */
    public static function all(SharpeningTask $task, array $rack): array
    {
        return array_map(
            static fn (SharpeningSchool $school): self => self::one($school, $task, $rack),
            SharpeningSchool::all(),
        );
    }

    /** @param  list<HoningStone>  $rack */
    private static function one(SharpeningSchool $school, SharpeningTask $task, array $rack): self
    {
        try {
            return new self(
                $school,
                SharpeningPlan::strictly(
                    new SharpeningTask($task->blade, $task->edge, $school, $task->shaping, $task->stopUm),
                    $rack,
                ),
                null,
            );
        } catch (InvalidInput $impossible) {
            return new self($school, null, ucfirst($impossible->errors[0]->message).'.');
        }
    }
}
