<?php

declare(strict_types=1);

namespace App\Reference\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;
use JackRest\Core\Truing\Verdict;

/** What one of three edges was found to be. */
final readonly class FoundEdgeAnswer extends Answer
{
    /**
     * @param  list<float>  $removeMm
     */
    public function __construct(
        #[Field('what it is called')] public string $name,
        #[Field('what to take off, mm', of: 'number')] public array $removeMm,
        #[Field('how far it is from straight, ready to be read')] public string $straightness,
        #[Field('the most to take off, ready to be read')] public string $removeMost,
        #[Field('what it comes to')] public ?Verdict $verdict,
    ) {
    }
}
