<?php

declare(strict_types=1);

namespace App\Blank\Answer;

use App\Http\Answer;
use App\Http\Answer\NextAnswer;
use App\Http\Answer\WordAnswer;
use JackRest\Core\Calculation\Field;
use JackRest\Desk\Form\Reading;

/** Wood on the shelf, the fittest first. */
final readonly class BlanksAnswer extends Answer
{
    /**
     * @param  list<WordAnswer>  $purposes
     * @param  array<string, Reading>  $figures
     * @param  array<string, string>  $usual
     * @param  list<ListedBlankAnswer>  $blanks
     * @param  list<WordAnswer>  $species
     * @param  list<WordAnswer>  $figured
     * @param  list<WordAnswer>  $knots
     */
    public function __construct(
        #[Field('what the wood is wanted for')] public string $purpose,
        #[Field('what wood can be wanted for', of: WordAnswer::class)] public array $purposes,
        #[Field('the figures, by name', of: Reading::class, keyed: true)] public array $figures,
        #[Field('what stands for it where nothing is typed', of: 'string', keyed: true)] public array $usual,
        #[Field('the piece that is wanted, with what is planed off it')] public RoughSizeAnswer $wanted,
        #[Field('wood on the shelf', of: ListedBlankAnswer::class)] public array $blanks,
        #[Field('what to do next')] public NextAnswer $next,
        #[Field('which species there are', of: WordAnswer::class)] public array $species,
        #[Field('how the figure can run', of: WordAnswer::class)] public array $figured,
        #[Field('how many knots there are', of: WordAnswer::class)] public array $knots,
    ) {
    }
}
