<?php

declare(strict_types=1);

namespace App\ShadowBoard\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** A shadow board. */
final readonly class ShadowBoardAnswer extends Answer
{
    /**
     * @param  list<int>  $tools
     */
    public function __construct(
        #[Field('the record\'s number')] public int $id,
        #[Field('which state of the record this is')] public int $version,
        #[Field('what it is called')] public string $name,
        #[Field('width, ready to be read')] public string $width,
        #[Field('height, ready to be read')] public string $height,
        #[Field('the room between tools, as it would be typed')] public string $room,
        #[Field('the numbers of its tools', of: 'integer')] public array $tools,
    ) {
    }
}
