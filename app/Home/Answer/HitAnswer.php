<?php

declare(strict_types=1);

namespace App\Home\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** One thing that was found. */
final readonly class HitAnswer extends Answer
{
    public function __construct(
        #[Field('ready to be read')] public string $says,
        #[
            Field(
                'which kind it is',
                among: [
                    'edge',
                    'stone',
                    'guide',
                    'reference',
                    'tool',
                    'look-over',
                    'shadow-board',
                    'blank',
                    'making',
                    'work',
                    'diary',
                ],
            ),
        ]
        public string $kind,
        #[Field('the record\'s number')] public ?int $id,
    ) {
    }
}
