<?php

declare(strict_types=1);

namespace JackRest\Core;

use BackedEnum;

/** A choice of the trade that has a word to be read. */
interface Labelled extends BackedEnum
{
    public function label(): string;
}
