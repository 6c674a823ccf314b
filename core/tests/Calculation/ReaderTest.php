<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Calculation;

use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Calculation\Reader;
use JackRest\Core\Edge\Abrasive;
use JackRest\Core\Edge\HoningPlanInput;
use JackRest\Core\Kit\OperationWanted;
use JackRest\Core\Truing\SquareEdge;
use JackRest\Core\Truing\SquareReversalInput;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ReaderTest extends TestCase
{
    /** @return list<array{field: string, message: string}> */
    private static function complaints(string $json): array
    {
        try {
            Reader::read(SquareReversalInput::class, json_decode($json));
        } catch (InvalidInput $wrong) {
            return $wrong->toArray()['errors'];
        }

        return [];
    }

    public function test_defaults_stand_in_for_what_is_left_out(): void
    {
        $read = Reader::read(
            SquareReversalInput::class,
            json_decode('{"bladeLengthMm":200,"farGapsMm":[0.1]}'),
        );

        self::assertSame([null, SquareEdge::Outer, null], [$read->nearGapMm, $read->edge, $read->shavingMm]);
    }

    public function test_null_is_as_good_as_left_out_where_a_field_is_optional(): void
    {
        $read = Reader::read(
            SquareReversalInput::class,
            json_decode('{"bladeLengthMm":200,"farGapsMm":[0.1],"shavingMm":null}'),
        );
        self::assertNull($read->shavingMm);
    }

    public function test_null_is_no_number_where_a_field_is_required(): void
    {
        self::assertSame(
            [['field' => 'bladeLengthMm', 'message' => 'must be a number']],
            self::complaints('{"bladeLengthMm":null,"farGapsMm":[0.1]}'),
        );
    }

    public function test_every_complaint_is_made_at_once(): void
    {
        $complaints = self::complaints(
            '{"bladeLengthMm":-1,"farGapsMm":["x",0.1,"y"],"edge":"upper","stray":1}',
        );
        self::assertSame(
            ['stray', 'bladeLengthMm', 'farGapsMm[0]', 'farGapsMm[2]', 'edge'],
            array_column($complaints, 'field'),
        );
    }

    /** @return iterable<string, array{string, string}> value of the field, message */
    public static function wrongNumbers(): iterable
    {
        yield 'text' => ['"200"', 'must be a number'];
        yield 'true' => ['true', 'must be a number'];
        yield 'a list' => ['[200]', 'must be a number'];
        yield 'nought' => ['0', 'must be more than 0'];
        yield 'less than nought' => ['-3', 'must be more than 0'];
        yield 'more than a number holds' => ['1e999', 'must be a finite number'];
    }

    #[DataProvider('wrongNumbers')]
    public function test_a_wrong_number_says_what_would_be_right(string $value, string $message): void
    {
        self::assertSame(
            $message,
            self::complaints('{"bladeLengthMm":'.$value.',"farGapsMm":[0.1]}')[0]['message'],
        );
    }

    public function test_a_choice_lists_what_may_be_chosen(): void
    {
        self::assertSame(
            'must be one of: outer, inner',
            self::complaints('{"bladeLengthMm":200,"farGapsMm":[0.1],"edge":"upper"}')[0]['message'],
        );
    }

    public function test_fields_within_lists_are_named_with_their_place(): void
    {
        try {
            Reader::read(
                HoningPlanInput::class,
                json_decode(
                    '{"contactWidthMm":1,"contactLengthMm":1,"removeUm":1,"finishUm":1,"abrasives":[{"id":"a",'
                    .'"particleUm":1},{"id":"b"},{"id":"","particleUm":"fine"}]}',
                ),
            );
            self::fail('It took a stone without a size.');
        } catch (InvalidInput $wrong) {
            self::assertSame(
                ['abrasives[1].particleUm', 'abrasives[2].id', 'abrasives[2].particleUm'],
                array_map(static fn ($error) => $error->field, $wrong->errors),
            );
        }
    }

    public function test_an_empty_list_is_no_object(): void
    {
        $this->expectException(InvalidInput::class);
        $this->expectExceptionMessage('give one JSON object, such as {"id": …, "particleUm": …}');
        Reader::read(Abrasive::class, json_decode('[]'));
    }

    public function test_whole_numbers_are_taken_for_decimals(): void
    {
        self::assertSame(
            2.0,
            Reader::read(OperationWanted::class, json_decode('{"id":"pare","minGrade":2}'))->minGrade,
        );
    }

    public function test_all_complaints_stand_in_the_exceptions_message(): void
    {
        $this->expectExceptionMessage('bladeLengthMm: must be a number; farGapsMm: is missing');
        Reader::read(SquareReversalInput::class, json_decode('{"bladeLengthMm":"x"}'));
    }

    public function test_a_text_of_a_list_is_one_of_it(): void
    {
        $json = '{"whole":null,"parts":[],"hardness":null,"state":"shut","sizes":{},"rows":[]}';
        try {
            Reader::read(SampleAnswer::class, json_decode($json));
            self::fail('it was read');
        } catch (InvalidInput $wrong) {
            self::assertContains(
                ['field' => 'state', 'message' => 'must be one of: open, left'],
                $wrong->toArray()['errors'],
            );
        }
    }
}
