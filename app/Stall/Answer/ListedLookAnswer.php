<?php

declare(strict_types=1);

namespace App\Stall\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** A look in the list. */
final readonly class ListedLookAnswer extends Answer
{
    public function __construct(
        #[Field('the record\'s number')] public int $id,
        #[Field('what it is called')] public string $name,
        #[Field('which kind it is')] public string $kind,
        #[Field('which form of tool it has')] public string $form,
        #[Field('how it stands', among: ['open', 'bought', 'left'])] public string $state,
        #[Field('when it was begun, ISO 8601')] public string $begunAt,
        #[Field('ready to be read')] public string $says,
    ) {
    }
}
