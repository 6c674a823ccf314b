<?php

declare(strict_types=1);

namespace App\Blank\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** A blank's fields as they would be typed. */
final readonly class BlankTypedAnswer extends Answer
{
    /**
     * @param  array<string, string>  $figures
     */
    public function __construct(
        #[Field('what it is called')] public string $name,
        #[Field('the wood\'s species')] public string $species,
        #[Field('how the figure runs')] public string $figure,
        #[Field('how many knots there are')] public string $knots,
        #[Field('the figures, by name', of: 'string', keyed: true)] public array $figures,
    ) {
    }
}
