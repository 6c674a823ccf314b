<?php

declare(strict_types=1);

namespace JackRest\Core\Tests;

use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Catalogue\Catalogue;

/** Asks a calculation by its stable name, in JSON, as the terminal and the API do. */
trait Computes
{
    /**
     * @param  array<string, mixed>  $input
     * @return array<string, mixed>
     */
    private static function compute(string $name, array $input): array
    {
        $json = json_decode(json_encode((object) $input, JSON_THROW_ON_ERROR), false, 64, JSON_THROW_ON_ERROR);
        $answer = json_encode(Catalogue::named($name)->answer($json), JSON_THROW_ON_ERROR);

        return (array) json_decode($answer, true, 64, JSON_THROW_ON_ERROR);
    }

    /** @param  array<string, mixed>  $input */
    private function assertRefused(string $name, array $input, string $field, string $part): void
    {
        try {
            self::compute($name, $input);
        } catch (InvalidInput $wrong) {
            self::assertSame($field, $wrong->errors[0]->field);
            self::assertStringContainsString($part, $wrong->errors[0]->message);

            return;
        }
        self::fail("$name took what it should refuse.");
    }
}
