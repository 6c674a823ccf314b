<?php

declare(strict_types=1);

namespace JackRest\Core\Kit;

use JackRest\Core\Calculation\Field;
use JackRest\Core\Calculation\InvalidInput;

final readonly class KitLadderInput
{
    /**
     * @param  list<LadderWork>  $works
     * @param  list<ToolOffer>  $tools
     * @param  list<Method>  $methods
     * @param  list<string>  $owned
     * @param  array<string, float>  $grades
     *
     * @throws InvalidInput for a doubled id, an id that names no tool, or needs that go in a circle
     */
    public function __construct(
        #[Field('what is to be made', of: LadderWork::class, maxItems: 1000)] public array $works,
        #[Field('tools owned and on offer', of: ToolOffer::class, maxItems: 5000)] public array $tools,
        #[Field('the ways to do operations', of: Method::class, maxItems: 20000)] public array $methods,
        #[Field('ids of the tools owned', of: 'string', maxItems: 5000)] public array $owned,
        #[Field('least grade by operation', of: 'number', keyed: true)] public array $grades = [],
        #[Field('the most that may be spent', atLeast: 0)] public ?float $budget = null,
        #[
            Field('computing time of each plan, s', atLeast: 0, atMost: 3600),
        ]
        public float $timeLimitSeconds = 2.0,
    ) {
        $errors = DoubledIds::in('works', array_map(static fn (LadderWork $work): string => $work->id, $works));
        if ($errors !== []) {
            throw new InvalidInput($errors);
        }
        // The plan for everything checks tools, methods and needs.
        $this->everything();
    }

    /** The plan for all works together. */
    public function everything(): KitPlanInput
    {
        return $this->planFor($this->works, $this->tools, $this->owned, $this->budget);
    }

    /**
     * @param  list<LadderWork>  $works
     * @param  list<ToolOffer>  $tools
     * @param  list<string>  $owned
     */
    public function planFor(array $works, array $tools, array $owned, ?float $budget = null): KitPlanInput
    {
        $operations = [];
        foreach ($works as $work) {
            foreach ($work->operations as $operation) {
                $operations[$operation] = new OperationWanted($operation, $this->grades[$operation] ?? 0.0);
            }
        }
        if ($tools === $this->tools) {
            return new KitPlanInput(
                array_values($operations),
                $tools,
                $this->methods,
                $owned,
                $budget,
                $this->timeLimitSeconds,
            );
        }
        // Of fewer tools only what can be used: methods and tools that ask for another are left out.
        $known = array_fill_keys(array_map(static fn (ToolOffer $tool): string => $tool->id, $tools), true);
        $methods = array_filter(
            $this->methods,
            static fn (Method $method): bool => isset($operations[$method->operation]) &&
                array_diff_key(array_fill_keys($method->tools, true), $known) === [],
        );
        $owned = array_filter($owned, static fn (string $id): bool => isset($known[$id]));

        return new KitPlanInput(
            array_values($operations),
            $tools,
            array_values($methods),
            array_values($owned),
            $budget,
            $this->timeLimitSeconds,
        );
    }
}
