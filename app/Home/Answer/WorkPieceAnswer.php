<?php

declare(strict_types=1);

namespace App\Home\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** The work that is next. */
final readonly class WorkPieceAnswer extends Answer
{
    /**
     * @param  array<string, float>  $measuresMm
     * @param  array<string, string>  $labels
     */
    public function __construct(
        #[Field('the record\'s number')] public int $id,
        #[Field('what it is called')] public string $name,
        #[Field('ready to be read')] public string $says,
        #[Field('which form it has')] public string $form,
        #[Field('its measures, by name, mm', of: 'number', keyed: true)] public array $measuresMm,
        #[Field('what is read beside them', of: 'string', keyed: true)] public array $labels,
    ) {
    }
}
