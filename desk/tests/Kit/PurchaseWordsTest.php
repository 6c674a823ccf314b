<?php

declare(strict_types=1);

namespace JackRest\Desk\Tests\Kit;

use JackRest\Core\Kit\Offer;
use JackRest\Core\Kit\Purchase;
use JackRest\Core\Work\Ask;
use JackRest\Desk\Kit\PurchaseWords;
use PHPUnit\Framework\TestCase;

final class PurchaseWordsTest extends TestCase
{
    private static function offer(string $name): Offer
    {
        return new Offer($name, 'mallet', $name, [], 1.0);
    }

    public function test_what_it_is_in_the_plan_for(): void
    {
        $serves = static fn (string ...$operations): string => PurchaseWords::serves(
            new Purchase(
                self::offer('x'),
                array_values(array_map(static fn (string $id) => Ask::for($id), $operations)),
            ),
        );

        self::assertSame('Other tools need it.', $serves());
        self::assertSame('The plan has it for “pare to the line”.', $serves('pare'));
        self::assertSame('The plan has it for “pare to the line” and “bore holes”.', $serves('pare', 'bore'));
        self::assertSame(
            'The plan has it for “pare to the line”, “bore holes”, “hone an edge” and 2 more.',
            $serves('pare', 'bore', 'hone', 'strop', 'grind'),
        );
    }

    public function test_what_would_be_got_without_it(): void
    {
        self::assertSame('No other tool does it.', PurchaseWords::instead(new Purchase(self::offer('x'), [])));
        self::assertSame(
            'The rest of the plan would do without it',
            PurchaseWords::instead(new Purchase(self::offer('x'), [], [], 0.0)),
        );
        self::assertSame(
            'Instead: a file and an awl',
            PurchaseWords::instead(new Purchase(self::offer('x'), [], [self::offer('file'), self::offer('awl')], 3.0)),
        );
    }

    public function test_lists_read_as_they_are_said(): void
    {
        self::assertSame(
            ['', 'a', 'a and b', 'a, b and c'],
            array_map(PurchaseWords::listed(...), [[], ['a'], ['a', 'b'], ['a', 'b', 'c']]),
        );
    }
}
