<?php

declare(strict_types=1);

namespace App\Reference\Answer;

use App\Http\Answer;
use App\Http\Answer\LearntShavingAnswer;
use App\Http\Answer\ReferenceNextAnswer;
use JackRest\Core\Calculation\Field;
use JackRest\Desk\Explanation;
use JackRest\Desk\Form\Reading;

/** A test as far as it has been typed. */
final readonly class TestPreviewAnswer extends Answer
{
    /**
     * @param  array<string, Reading>  $readings
     * @param  list<ListReadAnswer>  $lists
     * @param  list<string>  $lines
     * @param  list<Explanation>  $how
     */
    public function __construct(
        #[
            Field('what was typed and how it was understood, by field', of: Reading::class, keyed: true),
        ]
        public array $readings,
        #[Field('the readings that come in lists', of: ListReadAnswer::class)] public array $lists,
        #[Field('the line to read next; null: all are read')] public ?string $nextLine,
        #[Field('why it cannot be computed; null: it can')] public ?string $objection,
        #[Field('what the test says; null: not yet')] public ?TestAnswerAnswer $answer,
        #[Field('what to do next')] public ReferenceNextAnswer $next,
        #[
            Field('how strokes are made in bench mode; null: there are none', among: ['plane', 'rub']),
        ]
        public ?string $work,
        #[Field('what was learnt from the last shavings; null: nothing')] public ?LearntShavingAnswer $learnt,
        #[Field('what else the test says, line by line', of: 'string')] public array $lines,
        #[Field('where the numbers come from', of: Explanation::class)] public array $how,
        #[Field('what a square is drawn by; null: not one')] public ?SquareDrawnAnswer $square,
        #[Field('what a straightedge is drawn by; null: not one')] public ?StraightedgeDrawnAnswer $straightedge,
        #[Field('what winding sticks are drawn by; null: not such')] public ?SticksDrawnAnswer $sticks,
        #[Field('what a slope template is drawn by; null: not one')] public ?SlopeResultAnswer $slope,
        #[Field('what a flat surface is drawn by; null: not one')] public ?FlatDrawnAnswer $flat,
    ) {
    }
}
