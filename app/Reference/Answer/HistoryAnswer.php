<?php

declare(strict_types=1);

namespace App\Reference\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** What the tests of a reference say together. */
final readonly class HistoryAnswer extends Answer
{
    /**
     * @param  list<TestedAnswer>  $tests
     * @param  list<string>  $sides
     * @param  list<string>  $says
     */
    public function __construct(
        #[Field('test by test', of: TestedAnswer::class)] public array $tests,
        #[Field('how good it has to be, mm')] public float $toleranceMm,
        #[Field('how good it has to be')] public string $tolerance,
        #[Field('when it fell, ISO 8601; null: it did not')] public ?string $droppedOn,
        #[Field('which side each sign stands for', of: 'string')] public array $sides,
        #[Field('what the tests say together', of: 'string')] public array $says,
        #[Field('when to test it again, ISO 8601; null: not told')] public ?string $nextCheckOn,
        #[Field('why it is to be done; null: it is not')] public ?string $due,
    ) {
    }
}
