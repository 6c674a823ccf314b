<?php

declare(strict_types=1);

namespace App\Photo\Answer;

use App\Http\Answer;
use App\Photo\Photo;
use JackRest\Core\Calculation\Field;

/** A photograph. */
final readonly class PhotoAnswer extends Answer
{
    public function __construct(
        #[Field('the record\'s number')] public int $id,
        #[Field('which state of the record this is')] public int $version,
        #[Field('width, pixels')] public int $width,
        #[Field('height, pixels')] public int $height,
        #[Field('what it shows, ready to be read')] public string $says,
    ) {
    }

    public static function of(Photo $photo, string $says): self
    {
        return new self($photo->id, $photo->version, $photo->width, $photo->height, $says);
    }
}
