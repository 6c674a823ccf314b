<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Calculation;

use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Catalogue\Catalogue;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Whatever stands in whatever field of a calculation: it answers in finite numbers, or refuses and names a field. */
final class AnyInputTest extends TestCase
{
    /** As JSON, for some of them PHP has no literal. */
    private const JUNK = [
        '1e999', '-1e999', '1e308', '-1e308', '1e-308', '9007199254740993', '-1', '0', '-0.0', '0.5', '89.999999999',
        '1e9', 'true', 'null', '[]', '{}', '[[]]', '[1e999]', '[-1e308, 1e308]', '[0, 0, 0]', '""', '"x"', '"\u0000"',
    ];

    /** @return iterable<string, array{string, string}> */
    public static function examples(): iterable
    {
        foreach (EveryCalculationTest::EXAMPLES as $name => $example) {
            yield $name => [$name, $example];
        }
    }

    #[DataProvider('examples')]
    public function test_whatever_stands_in_a_field(string $name, string $example): void
    {
        $calculation = Catalogue::named($name);
        $answered = 0;
        foreach (self::spoilt($example) as $spoilt) {
            try {
                $answer = $calculation->answer(json_decode($spoilt));
                self::assertNotFalse(json_encode($answer), "$name $spoilt: not every number of it is finite");
                $answered++;
            } catch (InvalidInput $refused) {
                self::assertNotSame([], $refused->errors, $spoilt);
                self::assertNotSame('', $refused->errors[0]->message, $spoilt);
            }
        }
        self::assertGreaterThan(0, $answered);
    }

    /** @return iterable<string> the example with one value after another replaced, however deep it stands */
    private static function spoilt(string $example): iterable
    {
        yield $example;
        foreach (self::places(json_decode($example), []) as $place) {
            foreach (self::JUNK as $junk) {
                $tree = self::put(json_decode($example), $place, '@@');
                yield str_replace('"@@"', $junk, (string) json_encode($tree));
            }
        }
    }

    /**
     * @param  list<string|int>  $above
     * @return iterable<list<string|int>>
     */
    private static function places(mixed $tree, array $above): iterable
    {
        foreach (is_object($tree) || is_array($tree) ? (array) $tree : [] as $name => $value) {
            yield [...$above, $name];
            yield from self::places($value, [...$above, $name]);
        }
    }

    /**
     * @param  list<string|int>  $place
     */
    private static function put(mixed $tree, array $place, string $value): mixed
    {
        if ($place === []) {
            return $value;
        }
        $name = array_shift($place);
        $within = (array) $tree;
        $within[$name] = self::put($within[$name] ?? null, $place, $value);

        return is_object($tree) ? (object) $within : array_values($within);
    }
}
