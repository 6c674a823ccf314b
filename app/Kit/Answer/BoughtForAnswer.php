<?php

declare(strict_types=1);

namespace App\Kit\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** What a tool was bought for. */
final readonly class BoughtForAnswer extends Answer
{
    public function __construct(
        #[Field('the record\'s number')] public int $id,
        #[Field('what it is called')] public string $name,
        #[Field('what it was bought for; null: not told')] public ?string $boughtFor,
        #[Field('what it was used for, ready to be read')] public string $usedFor,
    ) {
    }
}
