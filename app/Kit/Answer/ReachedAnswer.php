<?php

declare(strict_types=1);

namespace App\Kit\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** A work that can be made so well from a rung on. */
final readonly class ReachedAnswer extends Answer
{
    public function __construct(
        #[Field('the record\'s number')] public int $id,
        #[Field('what it is called')] public string $name,
        #[Field('how well every operation can be done at least, 1 to 5')] public int $floor,
        #[Field('the same, ready to be read')] public string $well,
        #[Field('whether that is as well as the work asks')] public bool $isAll,
        #[Field('what making it is like then, ready to be read')] public string $like,
    ) {
    }
}
