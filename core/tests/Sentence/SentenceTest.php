<?php

declare(strict_types=1);

namespace Dinghy\Tests\Sentence;

use Dinghy\Sentence\Checksum;
use Dinghy\Sentence\Refusal;
use Dinghy\Sentence\Sentence;
use Dinghy\Sentence\SentenceRefused;
use Dinghy\Sentence\Values;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SentenceTest extends TestCase
{
    /** The rule by hand [pub NMEA 0183]: A is 41, B 42, C 43; 41 xor 42 is 03, and that xor 43 is 40. The others are printed in many a manual [mem]. */
    public function test_checksums(): void
    {
        self::assertSame('41', Checksum::of('A'));
        self::assertSame('03', Checksum::of('AB'));
        self::assertSame('40', Checksum::of('ABC'));
        self::assertSame('47', Checksum::of('GPGGA,123519,4807.038,N,01131.000,E,1,08,0.9,545.4,M,46.9,M,,'));
        self::assertSame('6A', Checksum::of('GPRMC,123519,A,4807.038,N,01131.000,E,022.4,084.4,230394,003.1,W'));
    }

    public function test_a_sentence_is_taken_apart(): void
    {
        $sentence = Sentence::read("\$GPGGA,123519,4807.038,N,01131.000,E,1,08,0.9,545.4,M,46.9,M,,*47\r");
        self::assertSame(['GP', 'GGA', '4807.038'], [$sentence->talker, $sentence->type, $sentence->text(1)]);
        self::assertSame(['', null], [$sentence->text(12), $sentence->number(40)]);
    }

    /** @return iterable<string, array{string, Refusal}> */
    public static function refused(): iterable
    {
        yield 'one digit of the checksum is another' => ['$GPGGA,123519,4807.038,N,01131.000,E,1,08,0.9,545.4,M,46.9,M,,*46', Refusal::WrongChecksum];
        yield 'one sign of it is another' => ['$GPGGA,123519,4807.039,N,01131.000,E,1,08,0.9,545.4,M,46.9,M,,*47', Refusal::WrongChecksum];
        yield 'no checksum' => ['$SDDBT,13.8,f,4.2,M,2.3,F', Refusal::NoChecksum];
        yield 'no start' => ['SDDBT,13.8,f,4.2,M,2.3,F*00', Refusal::NoSentence];
        yield 'nobody talks' => ['$*00', Refusal::NoSentence];
        yield 'small letters' => ['$sddbt,13.8,f*00', Refusal::NoSentence];
        yield 'of ten thousand signs' => ['$SDDBT,'.str_repeat('1', 10_000).'*00', Refusal::TooLong];
        yield 'binary' => ["\$SD\x00\xff\x93*00", Refusal::NotText];
    }

    #[DataProvider('refused')]
    public function test_what_is_no_sentence_says_why(string $line, Refusal $why): void
    {
        try {
            Sentence::read($line);
            self::fail('It was taken.');
        } catch (SentenceRefused $refused) {
            self::assertSame($why, $refused->refusal);
        }
    }

    public function test_a_sentence_may_be_eighty_two_signs_long(): void
    {
        $longest = '$PABC,'.str_repeat('1', 71);
        self::assertSame('ABC', Sentence::read($longest.'*'.Checksum::of(substr($longest, 1)))->type);
        $this->expectExceptionObject(SentenceRefused::because(Refusal::TooLong));
        Sentence::read($longest.'1*'.Checksum::of(substr($longest, 1).'1'));
    }

    /** @return iterable<string, array{string, array<string, float>}> */
    public static function told(): iterable
    {
        yield 'depth in metres' => ['SDDBT,13.8,f,4.2,M,2.3,F', ['depth' => 4.2]];
        yield 'depth in feet alone: 10 ft are 3.048 m' => ['SDDBT,10,f,,M,,F', ['depth' => 3.048]];
        yield 'depth with its offset' => ['SDDPT,4.2,-0.3,', ['depth' => 4.2, 'depth-offset' => -0.3]];
        yield 'water' => ['SDMTW,11.5,C', ['water-temperature' => 11.5]];
        yield 'heading' => ['HCHDG,98.3,0.0,E,12.6,W', ['heading-magnetic' => 98.3]];
        yield 'true heading' => ['HEHDT,101.1,T', ['heading-true' => 101.1]];
        // 48° 7.038' north is 48.1173°, 11° 31' east 11.51667°; 22.4 kn are 11.5236 m/s.
        yield 'position and speed' => ['GPRMC,123519,A,4807.038,N,01131.000,E,022.4,084.4,230394,003.1,W', ['latitude' => 48.1173, 'longitude' => 11.516667, 'speed-over-ground' => 11.523556]];
        yield 'south and west are below zero' => ['GPGLL,4807.038,S,01131.000,W,123519,A', ['latitude' => -48.1173, 'longitude' => -11.516667]];
        yield 'a fix that is not valid' => ['GPRMC,123519,V,4807.038,N,01131.000,E,022.4,084.4,230394,003.1,W', []];
        yield 'no fix' => ['GPGGA,123519,4807.038,N,01131.000,E,0,00,,,M,,M,,', []];
        yield 'no such latitude' => ['GPGLL,9107.038,N,01131.000,E,123519,A', []];
        yield 'volts among other things' => ['IIXDR,C,19.5,C,AIR,U,12.61,V,HOUSE', ['volts' => 12.61]];
        yield 'a battery monitor, and of two batteries the first' => ['IIXDR,U,12.61,V,B,I,5.25,A,B,G,78.5,,B-CHARGE,G,135,,B-MINUTES,U,12.4,V,BOW', ['volts' => 12.61, 'amps' => 5.25, 'charge' => 78.5, 'minutes-out' => 135.0]];
        yield 'an empty field says nothing' => ['SDDBT,,f,,M,,F', []];
        yield 'what nobody knows' => ['GPGSV,3,1,11', []];
    }

    /** @param  array<string, float>  $values */
    #[DataProvider('told')]
    public function test_what_sentences_say(string $between, array $values): void
    {
        $told = Values::of(Sentence::read("\${$between}*".Checksum::of($between)));
        self::assertSame(array_keys($values), array_keys($told));
        foreach ($values as $what => $value) {
            self::assertEqualsWithDelta($value, $told[$what], 1e-6, $what);
        }
    }
}
