<?php

declare(strict_types=1);

namespace JackRest\Core\Kit;

use JackRest\Core\Calculation\Field;
use JackRest\Core\Calculation\FieldError;
use JackRest\Core\Calculation\InvalidInput;

final readonly class KitStagesInput
{
    /**
     * @param  list<StageWork>  $works
     * @param  list<ToolOffer>  $tools
     * @param  list<Method>  $methods
     * @param  list<string>  $owned
     * @param  list<float>  $floors
     * @param  array<string, float>  $grades
     *
     * @throws InvalidInput for a doubled id, an id that names no tool, needs that go in a circle, or floors that do
     *                      not ascend
     */
    public function __construct(
        #[Field('what is to be made', of: StageWork::class, maxItems: 1000)] public array $works,
        #[Field('tools owned and on offer', of: ToolOffer::class, maxItems: 5000)] public array $tools,
        #[Field('the ways to do operations', of: Method::class, maxItems: 20000)] public array $methods,
        #[Field('ids of the tools owned', of: 'string', maxItems: 5000)] public array $owned,
        #[
            Field('how well all is to be done, step by step, ascending', of: 'number', minItems: 1, maxItems: 20),
        ]
        public array $floors = [1.0, 2.0, 3.0, 4.0],
        #[Field('the most that a floor asks of an operation', of: 'number', keyed: true)] public array $grades = [],
        #[Field('the most that may be spent', atLeast: 0)] public ?float $budget = null,
    ) {
        $errors = DoubledIds::in('works', array_map(static fn (StageWork $work): string => $work->id, $works));
        foreach ($floors as $index => $floor) {
            if ($index > 0 && $floor <= $floors[$index - 1]) {
                $errors[] = new FieldError("floors[$index]", 'must be more than the one before');
            }
        }
        if ($errors !== []) {
            throw new InvalidInput($errors);
        }
        // A plan for nothing checks tools, methods and needs.
        new KitPlanInput([], $tools, $methods, $owned);
    }
}
