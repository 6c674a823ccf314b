<?php

declare(strict_types=1);

namespace App\Work\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** A work in the list. */
final readonly class WorkAnswer extends Answer
{
    public function __construct(
        #[Field('the record\'s number')] public int $id,
        #[Field('which state of the record this is')] public int $version,
        #[Field('what it is called')] public string $name,
        #[Field('which form it has')] public string $form,
        #[Field('how it stands', among: ['now', 'roughly', 'planned', 'locked'])] public string $state,
        #[Field('how many operations have no way that is good enough')] public int $missing,
        #[Field('how well it can be made with what hangs here; null: not at all')] public ?string $well,
        #[Field('whether the kit is planned for it')] public bool $chosen,
        #[Field('the day it is wanted by; null: none')] public ?string $due,
    ) {
    }
}
