package palintone.server.mould;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** A photo of a mould, to draw its outline over. */
@Entity
@Table(name = "mould_photo")
class MouldPhotoEntity {

    @Id private String mouldId;

    private String type;

    @JdbcTypeCode(SqlTypes.LONG32VARBINARY)
    private byte[] picture;

    protected MouldPhotoEntity() {}

    MouldPhotoEntity(final String mouldId) {
        this.mouldId = mouldId;
    }

    void take(final String newType, final byte[] newPicture) {
        type = newType;
        picture = newPicture.clone();
    }

    String type() {
        return type;
    }

    byte[] picture() {
        return picture.clone();
    }
}
