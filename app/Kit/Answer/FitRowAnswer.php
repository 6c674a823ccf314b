<?php

declare(strict_types=1);

namespace App\Kit\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** One answer. */
final readonly class FitRowAnswer extends Answer
{
    /**
     * @param  array<string, float>  $draw
     */
    public function __construct(
        #[Field('what it is called')] public string $name,
        #[Field('whether it fits')] public bool $good,
        #[Field('what it comes to')] public string $verdict,
        #[Field('ready to be read')] public string $says,
        #[Field('what it is drawn by, by name, mm or degrees', of: 'number', keyed: true)] public array $draw,
        #[Field('the tool\'s number; null: none')] public ?int $toolId,
        #[Field('what the number stands on; null: a rule')] public ?string $model,
        #[Field('what stands below the drawing')] public string $caption,
    ) {
    }
}
