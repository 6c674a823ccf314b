<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Edge\Edge;
use App\Reference\Reference;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Reader;

/** The calendar goes out in a form that every calendar reads (RFC 5545). */
final class CalendarTest extends HttpTestCase
{
    private function text(): string
    {
        return (string) $this->get('/api/calendar.ics')
            ->assertOk()
            ->assertHeader('Content-Type', 'text/calendar; charset=utf-8')
            ->getContent();
    }

    /** @return array<string, array{string, string}> day and name of each event, by its stable name */
    private function events(): array
    {
        $calendar = Reader::read($this->text());
        assert($calendar instanceof VCalendar);
        self::assertSame([], $calendar->validate());
        $events = [];
        foreach ($calendar->select('VEVENT') as $event) {
            $events[(string) $event->UID] = [(string) $event->DTSTART, (string) $event->SUMMARY];
        }

        return $events;
    }

    public function test_checks_sharpenings_and_rests_stand_on_their_days(): void
    {
        $events = $this->events();
        $listed = $this->ask('GET', '/api/references')->json('references');
        $days = array_column($events, 0, 1);
        foreach ($listed as $reference) {
            $event = [$days["Test the {$reference['name']}"]];
            self::assertSame(
                $reference['due'] !== null
                    ? gmdate('Ymd')
                    : str_replace('-', '', substr($reference['nextCheckOn'], 0, 10)),
                $event[0],
            );
        }
        $blunt = Edge::of(self::bench())->where('condition', '!=', 'sharp')->firstOrFail();
        self::assertSame([gmdate('Ymd'), "Hone the {$blunt->name}"], $events["hone-{$blunt->id}@jack-rest"]);
        self::assertContains('Measure the maple length again', array_column($events, 1));
        self::assertGreaterThan(count($listed) + 5, count($events));
    }

    /** By the letter of RFC 5545, section 3.1: lines end with CR LF and are no longer than 75 octets. */
    public function test_its_lines_are_as_the_standard_has_them(): void
    {
        $text = $this->text();
        self::assertSame(substr_count($text, "\n"), substr_count($text, "\r\n"));
        self::assertSame(
            [],
            array_filter(explode("\r\n", $text), static fn (string $line): bool => strlen($line) > 75),
        );
        self::assertStringStartsWith("BEGIN:VCALENDAR\r\nVERSION:2.0\r\n", $text);
        self::assertStringContainsString('DTSTART;VALUE=DATE:', $text);
    }

    public function test_an_event_keeps_its_name_so_that_a_calendar_moves_it(): void
    {
        $before = $this->events();
        Reference::of(self::bench())
            ->where('kind', 'square')
            ->update(['dropped_on' => gmdate('Y-m-d\TH:i:s\Z')]);
        $after = $this->events();
        self::assertSame(
            array_keys($before),
            array_values(array_intersect(array_keys($before), array_keys($after))),
        );
        self::assertNotEquals($before, $after);
    }
}
