import { ApiProperty } from '@nestjs/swagger';
import { IsInt, IsUUID, Min } from 'class-validator';

/** Every command carries an id made by its sender: given twice, it happens once. */
export class CommandDto {
  @ApiProperty({
    format: 'uuid',
    description: 'UUID version 7, made by the sender. The same id with another body, route or person is refused.',
  })
  @IsUUID()
  commandId!: string;
}

/** A command on a row that others may have changed meanwhile. */
export class VersionedCommandDto extends CommandDto {
  @ApiProperty({ type: 'integer', description: 'version of the row that the sender saw' })
  @IsInt()
  @Min(1)
  version!: number;
}

/** The row that a command changed, with its new version. */
export class RowVersionDto {
  @ApiProperty() id!: string;
  @ApiProperty({ type: 'integer' }) version!: number;
}
