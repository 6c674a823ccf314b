<?php

declare(strict_types=1);

namespace JackRest\Core\Kit;

use JackRest\Core\Calculation\Field;
use JackRest\Core\Calculation\FieldError;
use JackRest\Core\Calculation\InvalidInput;

final readonly class KitPlanInput
{
    /**
     * @param  list<OperationWanted>  $operations
     * @param  list<ToolOffer>  $tools
     * @param  list<Method>  $methods
     * @param  list<string>  $owned
     *
     * @throws InvalidInput for a doubled id, an id that names no tool, or needs that go in a circle
     */
    public function __construct(
        #[Field('what must be possible', of: OperationWanted::class, maxItems: 5000)] public array $operations,
        #[Field('tools owned and on offer', of: ToolOffer::class, maxItems: 5000)] public array $tools,
        #[Field('the ways to do operations', of: Method::class, maxItems: 20000)] public array $methods,
        #[Field('ids of the tools owned', of: 'string', maxItems: 5000)] public array $owned,
        #[Field('the most that may be spent', atLeast: 0)] public ?float $budget = null,
        #[
            Field('computing time, s, after which the best set found is given', atLeast: 0, atMost: 3600),
        ]
        public float $timeLimitSeconds = 2.0,
    ) {
        $toolIds = array_map(static fn (ToolOffer $tool): string => $tool->id, $tools);
        $operationIds = array_map(static fn (OperationWanted $operation): string => $operation->id, $operations);
        $errors = [
            ...DoubledIds::in('tools', $toolIds),
            ...DoubledIds::in('operations', $operationIds),
            ...self::strangers($tools, $methods, $owned, array_fill_keys($toolIds, true)),
        ];
        if ($errors === []) {
            $errors = NeedsCircle::in($tools);
        }
        if ($errors !== []) {
            throw new InvalidInput($errors);
        }
    }

    /**
     * @param  list<ToolOffer>  $tools
     * @param  list<Method>  $methods
     * @param  list<string>  $owned
     * @param  array<string, true>  $known
     * @return list<FieldError>
     */
    private static function strangers(array $tools, array $methods, array $owned, array $known): array
    {
        $named = ['owned' => $owned];
        foreach ($tools as $index => $tool) {
            $named["tools[$index].needs"] = $tool->needs;
        }
        foreach ($methods as $index => $method) {
            $named["methods[$index].tools"] = $method->tools;
        }
        $errors = [];
        foreach ($named as $field => $ids) {
            foreach ($ids as $index => $id) {
                if (! isset($known[$id])) {
                    $errors[] = new FieldError("{$field}[$index]", "\"$id\" names no tool in the list of tools");
                }
            }
        }

        return $errors;
    }
}
